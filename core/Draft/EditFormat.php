<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Document\Type\AnyType;
use Dew\Core\Document\Type\ChoiceType;
use Dew\Core\Document\Type\EitherType;
use Dew\Core\Document\Type\FlagType;
use Dew\Core\Document\Type\LengthType;
use Dew\Core\Document\Type\ListType;
use Dew\Core\Document\Type\MapType;
use Dew\Core\Document\Type\PatternType;
use Dew\Core\Document\Type\RecordType;
use Dew\Core\Document\Type\TextType;
use Dew\Core\Document\Type\Type;
use Dew\Core\Document\Type\WholeType;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Unit\Kind\UnitLibrary;

/** The one description of edits as they are written in files and sent by browsers: for each kind its parts. */
final class EditFormat
{
    private const MOST = 1000;

    /** @var array<string, RecordType>|null */
    private static ?array $kinds = null;

    /** @return array<string, RecordType> by kind */
    public static function kinds(): array
    {
        if (self::$kinds !== null) {
            return self::$kinds;
        }
        $id = PatternType::id();
        $any = new AnyType;
        $place = new TextType(200);
        $width = new EitherType(ChoiceType::of('auto'), LengthType::positive());
        $number = new WholeType(1, 41);
        $cell = ['block' => $id, 'column' => $number, 'row' => $number];
        $fabrics = new MapType($id);
        $kinds = [];
        $kind = function (string $name, array $parts, string ...$optional) use (&$kinds): void {
            /** @var array<string, Type> $parts */
            $kinds[$name] = new RecordType(['kind' => ChoiceType::of($name), ...$parts], array_values($optional));
        };
        $kind('set', ['place' => $place, 'to' => $any, 'expect' => $any], 'to', 'expect');
        $kind('add', ['to' => $place, 'item' => $any, 'before' => $id], 'before');
        $kind('remove', ['place' => $place, 'expect' => $any, 'digest' => new TextType(64)], 'expect', 'digest');
        $kind('move', ['place' => $place, 'before' => $id, 'to' => $place], 'before', 'to');
        $kind('copy', ['place' => $place, 'id' => $id, 'name' => new TextType(60)]);
        $kind('lay', [
            ...$cell, 'unit' => $id, 'inner' => $id,
            'turn' => ChoiceType::of(0, 60, 90, 120, 180, 240, 270, 300), 'mirror' => new FlagType, 'fabrics' => $fabrics,
            'across' => $number, 'down' => $number, 'expect' => $any,
        ], 'unit', 'inner', 'turn', 'mirror', 'fabrics', 'across', 'down', 'expect');
        $kind('lift', [...$cell, 'expect' => $any], 'expect');
        $kind('turn', [...$cell, 'by' => ChoiceType::of(90, 180, 270), 'way' => $id, 'expect' => $any], 'way', 'expect');
        $kind('mirror', [...$cell, 'upside_down' => new FlagType, 'expect' => $any], 'upside_down', 'expect');
        $kind('span', [...$cell, 'across' => $number, 'down' => $number, 'expect' => $any], 'expect');
        $kind('reclothe', [...$cell, 'fabrics' => $fabrics, 'expect' => $any], 'expect');
        $kind('swap', [...$cell, 'with_column' => $number, 'with_row' => $number]);
        $kind('add-column', ['block' => $id, 'before' => $number, 'width' => $width, 'expect' => $any], 'expect');
        $kind('remove-column', ['block' => $id, 'column' => $number, 'expect' => $any], 'expect');
        $kind('resize-column', ['block' => $id, 'column' => $number, 'width' => $width, 'expect' => $any], 'expect');
        $kind('add-row', ['block' => $id, 'before' => $number, 'height' => $width, 'expect' => $any], 'expect');
        $kind('remove-row', ['block' => $id, 'row' => $number, 'expect' => $any], 'expect');
        $kind('resize-row', ['block' => $id, 'row' => $number, 'height' => $width, 'expect' => $any], 'expect');
        $kind('copy-quarter', [
            'block' => $id, 'from' => ChoiceType::of(
                'top-left',
                'top-right',
                'bottom-right',
                'bottom-left',
            ), 'by' => ChoiceType::of('turn', 'mirror'),
        ]);
        $count = new WholeType(1, 40);
        $length = LengthType::positive();
        $unitKind = ChoiceType::of(...UnitLibrary::keys());
        $kind('new-fabric', [
            'id' => $id, 'name' => new TextType(60), 'value' => ChoiceType::cases(FabricValue::cases()), 'colour' => PatternType::colour(),
        ]);
        $kind('new-unit', [
            'id' => $id, 'name' => new TextType(60), 'of' => $unitKind, 'width' => $length, 'height' => $length,
            'fabrics' => new ListType($id, 1, 40),
        ]);
        $kind('change-kind', ['unit' => $id, 'of' => $unitKind, 'expect' => $any], 'expect');
        $kind('new-block', [
            'id' => $id, 'name' => new TextType(60), 'columns' => $count, 'rows' => $count, 'width' => $length, 'height' => $length,
        ]);
        $kind('new-sixty-block', [
            'id' => $id, 'name' => new TextType(60), 'shape' => ChoiceType::cases(SixtyShape::cases()),
            'rows' => new WholeType(1, SixtyGrid::MOST), 'side' => $length,
        ]);
        $kind('frame', [
            'block' => $id, 'id' => $id, 'name' => new TextType(60), 'fabric' => $id, 'width' => $length, 'extra' => $length,
        ], 'extra');
        $kind('nest', [...$cell, 'id' => $id, 'name' => new TextType(60), 'across' => $number, 'down' => $number]);
        $kind('place', [
            'size' => $id, 'column' => new WholeType(1, 60), 'row' => new WholeType(1, 60), 'block' => $id, 'expect' => $any,
        ], 'size', 'block', 'expect');
        $kind('resize-pattern', ['size' => $id, 'columns' => new WholeType(1, 60), 'rows' => new WholeType(1, 60)], 'size');
        $kind('replace-fabric', ['fabric' => $id, 'by' => $id, 'in' => $place], 'in');
        $kind('merge-fabrics', ['fabric' => $id, 'by' => $id]);
        $kind('take', ['units' => new ListType($any, 0, 500), 'blocks' => new ListType($any, 1, 200), 'fabrics' => $fabrics]);
        $kind('together', ['edits' => new ListType($any, 1, self::MOST)]);
        $kind('changes', ['changes' => new ListType(new RecordType([
            'place' => $place, 'was' => $any, 'is' => $any, 'stood_before' => new TextType(40), 'stands_before' => new TextType(40),
            'stood_behind' => new TextType(40), 'stands_behind' => new TextType(40),
        ], ['was', 'is', 'stood_before', 'stands_before', 'stood_behind', 'stands_behind']), 0, self::MOST)]);

        return self::$kinds = $kinds;
    }

    /** @return array<string, mixed> the JSON Schema (draft 2020-12) of a file of edits */
    public static function schema(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Edits of a Dew design',
            'type' => 'array',
            'items' => ['anyOf' => array_values(array_map(fn (Type $kind): array => $kind->schema(), self::kinds()))],
            '$defs' => ['length' => LengthType::positive()->schema(), 'id' => PatternType::id()->schema()],
        ];
    }
}
