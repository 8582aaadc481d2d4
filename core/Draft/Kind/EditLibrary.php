<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\Type\LengthType;
use Dew\Core\Document\Type\PatternType;
use Dew\Core\Document\Type\RecordType;
use Dew\Core\Draft\Changes;
use Dew\Core\Draft\Edit;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditRefused;
use InvalidArgumentException;

/** The kinds of edit that files and browsers may send, each with the class that defines it. docs/edits.md tells every kind. */
final class EditLibrary
{
    /** @var array<string, class-string<EditKind>> */
    private const CLASSES = [
        'set' => SetValue::class,
        'add' => AddItem::class,
        'remove' => RemoveItem::class,
        'move' => MoveItem::class,
        'copy' => CopyItem::class,
        'lay' => LayCell::class,
        'lift' => ChangeCell::class,
        'turn' => ChangeCell::class,
        'mirror' => ChangeCell::class,
        'span' => ChangeCell::class,
        'reclothe' => ChangeCell::class,
        'swap' => SwapCells::class,
        'add-column' => ChangeGrid::class,
        'remove-column' => ChangeGrid::class,
        'resize-column' => ChangeGrid::class,
        'add-row' => ChangeGrid::class,
        'remove-row' => ChangeGrid::class,
        'resize-row' => ChangeGrid::class,
        'copy-quarter' => CopyQuarter::class,
        'new-fabric' => NewFabric::class,
        'new-unit' => NewUnit::class,
        'change-kind' => NewUnit::class,
        'new-block' => NewBlock::class,
        'new-sixty-block' => NewSixtyBlock::class,
        'frame' => FrameBlock::class,
        'nest' => NestCells::class,
        'place' => ChangePattern::class,
        'resize-pattern' => ChangePattern::class,
        'replace-fabric' => ReplaceFabric::class,
        'merge-fabrics' => ReplaceFabric::class,
        'take' => TakeBlock::class,
        'together' => Together::class,
        'changes' => Changes::class,
    ];

    /** @return list<string> the kinds, as they are written */
    public static function keys(): array
    {
        return array_keys(self::CLASSES);
    }

    /** How an edit of a kind is written; null when there is no such kind. */
    public static function record(string $kind): ?RecordType
    {
        $class = self::CLASSES[$kind] ?? null;

        return $class === null ? null : $class::parts($kind)->record($kind);
    }

    /**
     * @param  mixed  $data  decoded JSON, objects as arrays
     * @param  int  $depth  how many edits it is within
     *
     * @throws EditRefused when it is no edit, with what is wrong with it
     */
    public static function read(mixed $data, int $depth = 0): Edit
    {
        $kind = is_array($data) ? $data['kind'] ?? null : null;
        $record = is_string($kind) ? self::record($kind) : null;
        if (! is_array($data) || ! is_string($kind) || $record === null) {
            throw new EditRefused('no_edit_kind', ['kinds' => implode(', ', self::keys())]);
        }
        $complaints = new Complaints;
        $record->check($data, '', $complaints);
        if (! $complaints->isEmpty()) {
            $first = $complaints->all()[0];
            throw $first->pointer === ''
                ? new EditRefused('unreadable', ['kind' => $kind, 'problem' => $first->problem])
                : new EditRefused('unreadable_at', ['kind' => $kind, 'place' => $first->pointer, 'problem' => $first->problem]);
        }

        /** @var array<string, mixed> $data */
        return self::CLASSES[$kind]::read($kind, new EditData($data, $depth));
    }

    /**
     * An edit as a form sends it, whose parts may hold gaps that the browser fills in.
     *
     * @return array<string, mixed>
     *
     * @throws InvalidArgumentException when the kind has no such part, or needs one that is not there
     */
    public static function form(string $kind, mixed ...$parts): array
    {
        $class = self::CLASSES[$kind] ?? throw new InvalidArgumentException(sprintf('There is no kind of edit "%s".', $kind));
        $asked = $class::parts($kind);
        $unknown = array_diff(array_keys($parts), array_keys($asked->parts));
        $missing = array_diff(array_keys($asked->parts), $asked->optional, array_keys($parts));
        if ($unknown !== [] || $missing !== []) {
            throw new InvalidArgumentException(
                sprintf('The edit "%s" has no part "%s" and needs "%s".', $kind, implode(', ', $unknown), implode(', ', $missing)),
            );
        }

        /** @var array<string, mixed> $parts */
        return ['kind' => $kind] + array_intersect_key([...array_intersect_key($asked->parts, $parts), ...$parts], $parts);
    }

    /** @return array<string, mixed> the JSON Schema (draft 2020-12) of a file of edits */
    public static function schema(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Edits of a Dew design',
            'type' => 'array',
            'items' => ['anyOf' => array_map(
                fn (string $kind): array => self::CLASSES[$kind]::parts($kind)->record($kind)->schema(), self::keys(),
            )],
            '$defs' => ['length' => LengthType::positive()->schema(), 'id' => PatternType::id()->schema()],
        ];
    }
}
