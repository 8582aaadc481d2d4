<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Complaints;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\Changes;
use Dew\Core\Draft\Edit;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditFormat;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\UnitKind;

/** Reads edits as they are written in files and sent by browsers. docs/edits.md tells every kind. */
final class EditReader
{
    private const DEEPEST = 4;

    /**
     * @param  mixed  $data  decoded JSON, objects as arrays
     *
     * @throws EditRefused when it is no edit, with what is wrong with it
     */
    public static function read(mixed $data, int $depth = 0): Edit
    {
        $kind = is_array($data) ? $data['kind'] ?? null : null;
        $record = is_string($kind) ? EditFormat::kinds()[$kind] ?? null : null;
        if (! is_array($data) || ! is_string($kind) || $record === null) {
            throw new EditRefused(sprintf(
                'There is no such kind of edit. The kinds are: %s.',
                implode(', ', array_keys(EditFormat::kinds())),
            ));
        }
        $complaints = new Complaints;
        $record->check($data, '', $complaints);
        if (! $complaints->isEmpty()) {
            throw new EditRefused(sprintf(
                'This edit of the kind "%s" cannot be read: %s',
                $kind,
                ltrim($complaints->all()[0]->pointer.' '.$complaints->all()[0]->problem),
            ));
        }

        /** @var array<string, mixed> $data */
        return self::make($kind, new EditData($data), $depth);
    }

    private static function make(string $kind, EditData $data, int $depth): Edit
    {
        return match ($kind) {
            'set' => new SetValue($data->place('place'), $data->value('to'), $data->expected()),
            'add' => new AddItem($data->place('to'), $data->map('item'), $data->textOrNull('before')),
            'remove' => new RemoveItem($data->place('place'), $data->expected(), $data->textOrNull('digest')),
            'move' => new MoveItem(
                $data->place('place'), $data->textOrNull('before'), $data->textOrNull('to') === null ? null : $data->place('to'),
            ),
            'copy' => new CopyItem($data->place('place'), $data->text('id'), $data->text('name')),
            'new-fabric' => new NewFabric($data->text('id'), $data->text('name'), $data->text('value'), $data->text('colour')),
            'new-unit' => NewUnit::add(
                $data->text('id'), $data->text('name'), self::unitKind($data), $data->text('width'), $data->text('height'),
                $data->list('fabrics'),
            ),
            'change-kind' => NewUnit::change($data->text('unit'), self::unitKind($data), $data->expected()),
            'new-block' => new NewBlock(
                $data->text('id'), $data->text('name'), $data->number('columns'), $data->number('rows'), $data->text('width'),
                $data->text('height'),
            ),
            'new-sixty-block' => new NewSixtyBlock(
                $data->text('id'), $data->text('name'), SixtyShape::from($data->text('shape')), $data->number('rows'), $data->text('side'),
            ),
            'frame' => new FrameBlock(
                $data->text('block'), $data->text('id'), $data->text('name'), $data->text('fabric'), $data->text('width'),
                $data->textOrNull('extra'),
            ),
            'nest' => new NestCells(
                $data->text('block'), $data->text('id'), $data->text('name'), $data->number('column'), $data->number('row'),
                $data->number('across'),
                $data->number('down'),
            ),
            'place' => ChangePattern::place(
                $data->textOrNull('size'), $data->number('column'), $data->number('row'), $data->textOrNull('block'), $data->expected(),
            ),
            'resize-pattern' => ChangePattern::resize($data->textOrNull('size'), $data->number('columns'), $data->number('rows')),
            'replace-fabric' => new ReplaceFabric(
                $data->text('fabric'),
                $data->text('by'),
                $data->textOrNull('in') === null ? null : $data->place('in'),
            ),
            'merge-fabrics' => new ReplaceFabric($data->text('fabric'), $data->text('by'), merged: true),
            'take' => new TakeBlock($data->maps('units'), $data->maps('blocks'), $data->texts('fabrics')),
            'together' => self::together($data, $depth),
            'changes' => new Changes(array_map(Change::fromArray(...), $data->maps('changes'))),
            'copy-quarter' => new CopyQuarter($data->text('block'), $data->text('from'), $data->text('by') === 'turn'),
            'lay', 'lift', 'turn', 'mirror', 'span', 'reclothe', 'swap' => self::cell($kind, $data),
            default => self::grid($kind, $data),
        };
    }

    private static function unitKind(EditData $data): UnitKind
    {
        return UnitLibrary::find($data->text('of')) ?? throw new EditRefused('There is no such kind of unit.');
    }

    private static function cell(string $kind, EditData $data): Edit
    {
        [$block, $column, $row, $expected] = [$data->text('block'), $data->number('column'), $data->number('row'), $data->expected()];

        return match ($kind) {
            'lay' => new LayCell(
                $block, $column, $row, $data->content(), $data->numberOrNull('across'), $data->numberOrNull('down'), $expected,
            ),
            'lift' => ChangeCell::lift($block, $column, $row, $expected),
            'turn' => $data->textOrNull('way') === null
                ? ChangeCell::turn($block, $column, $row, $data->number('by'), $expected)
                : ChangeCell::turnInWay($block, $column, $row, $data->text('way'), $data->number('by'), $expected),
            'mirror' => ChangeCell::mirror($block, $column, $row, $data->flag('upside_down'), $expected),
            'span' => ChangeCell::span($block, $column, $row, $data->number('across'), $data->number('down'), $expected),
            'reclothe' => ChangeCell::reclothe($block, $column, $row, $data->texts('fabrics'), $expected),
            default => new SwapCells($block, [$column, $row], [$data->number('with_column'), $data->number('with_row')]),
        };
    }

    private static function grid(string $kind, EditData $data): Edit
    {
        [$what, $line] = explode('-', $kind);
        [$block, $lines, $expected] = [$data->text('block'), $line.'s', $data->expected()];
        $width = $line === 'column' ? 'width' : 'height';

        return match ($what) {
            'add' => ChangeGrid::add($block, $lines, $data->number('before'), $data->text($width), $expected),
            'remove' => ChangeGrid::remove($block, $lines, $data->number($line), $expected),
            default => ChangeGrid::resize($block, $lines, $data->number($line), $data->text($width), $expected),
        };
    }

    private static function together(EditData $data, int $depth): Together
    {
        if ($depth >= self::DEEPEST) {
            throw new EditRefused('Edits stand within edits too deep here; put them one after the other.');
        }

        return new Together(array_map(fn (array $edit): Edit => self::read($edit, $depth + 1), $data->maps('edits')));
    }
}
