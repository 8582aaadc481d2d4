<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Unit\Kind\PutTogether;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;

/** Brings documents of older formats up to date, one format at a time. A document is never written in an older format again. */
final class Migration
{
    /**
     * @return array<string, mixed> the document in the newest format
     *
     * @throws DocumentException for what is no object, or of a format that is not known
     */
    public static function toNewest(Node $document): array
    {
        $version = $document->get('dew')->integer(1, PHP_INT_MAX);
        if ($version > DesignFormat::VERSION) {
            throw $document->get('dew')->fail('design.other_format', ['version' => $version, 'newest' => DesignFormat::VERSION]);
        }
        $value = $document->object();
        if ($version < 2) {
            $value = self::fromOne($value);
        }
        if ($version < 3) {
            $value = self::fromTwo($value);
        }

        return $value;
    }

    /**
     * Format 2 added kinds of unit, spans, nested blocks, settings and scales. What format 1 could say means the same in it, but for an
     * empty list of borders, which is left out.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function fromOne(array $document): array
    {
        $document['dew'] = 2;
        $setting = $document['setting'] ?? null;
        if (is_array($setting) && ($setting['borders'] ?? null) === []) {
            unset($setting['borders']);
            $document['setting'] = $setting;
        }

        return $document;
    }

    /**
     * Format 3 gives flipped corners as a list, since their order matters, and stated cuts with the method they belong to: in format 2 that
     * was always the first one of the kind. It wants the letters of fabrics to differ.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function fromTwo(array $document): array
    {
        $document['dew'] = 3;
        $units = self::each($document['units'] ?? null, function (array $unit): array {
            $kind = is_string($unit['kind'] ?? null) ? UnitLibrary::find($unit['kind']) : null;

            return self::withStatedMethod(self::withCornerList($unit), ($kind?->methods() ?? [])[0] ?? null);
        });
        $blocks = self::each($document['blocks'] ?? null, fn (array $block): array => self::withStatedMethod($block, new Method(PutTogether::BLOCK_ROWS)));
        $fabrics = self::withOwnLetters($document['fabrics'] ?? null);

        return [
            ...$document,
            ...array_filter(['units' => $units, 'blocks' => $blocks, 'fabrics' => $fabrics], fn (mixed $list): bool => $list !== null),
        ];
    }

    /**
     * @param  callable(array<mixed>): array<mixed>  $change
     */
    private static function each(mixed $list, callable $change): mixed
    {
        return is_array($list) ? array_map(fn (mixed $item): mixed => is_array($item) ? $change($item) : $item, $list) : $list;
    }

    /**
     * @param  array<mixed>  $unit
     * @return array<mixed>
     */
    private static function withCornerList(array $unit): array
    {
        $corners = $unit['corners'] ?? null;
        if (is_array($corners) && ! array_is_list($corners)) {
            $unit['corners'] = array_map(
                fn (mixed $leg, string $at): array => ['at' => $at, 'leg' => $leg],
                $corners,
                array_keys($corners),
            );
        }

        return $unit;
    }

    /**
     * @param  array<mixed>  $declared
     * @return array<mixed>
     */
    private static function withStatedMethod(array $declared, ?Method $method): array
    {
        $stated = $declared['stated'] ?? null;
        if (is_array($stated) && isset($stated['cut']) && ! isset($stated['method']) && $method !== null) {
            $declared['stated'] = ['method' => $method->value] + $stated;
        }

        return $declared;
    }

    /** A letter that was given before gets a number behind it. */
    private static function withOwnLetters(mixed $fabrics): mixed
    {
        $taken = [];

        return self::each($fabrics, function (array $fabric) use (&$taken): array {
            $letter = $fabric['letter'] ?? null;
            if (is_string($letter)) {
                for ($number = 2, $own = $letter; isset($taken[$own]); $number++) {
                    $own = mb_substr($letter, 0, 3 - strlen((string) $number)).$number;
                }
                $taken[$own] = true;
                $fabric['letter'] = $own;
            }

            return $fabric;
        });
    }
}
