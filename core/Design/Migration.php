<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;

/** Brings documents of older formats up to date, one format at a time. A document is never written in an older format again. */
final class Migration
{
    /** @throws DocumentException for a format that is not known */
    public static function toNewest(Node $document): Node
    {
        $version = $document->get('dew')->integer(1, PHP_INT_MAX);
        if ($version > Design::FORMAT) {
            throw $document->get('dew')->fail(sprintf('is format %d; this Dew reads formats 1 to %d.', $version, Design::FORMAT));
        }
        $value = $document->object();
        if ($version < 2) {
            $value = self::fromOne($value);
        }

        return $document->with($value);
    }

    /**
     * Format 2 added kinds of unit, spans, nested blocks, settings and scales. What format 1 could say means the same in it, but for an empty
     * list of borders, which is left out.
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
}
