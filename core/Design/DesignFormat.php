<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\Type\ChoiceType;
use Dew\Core\Document\Type\EitherType;
use Dew\Core\Document\Type\FlagType;
use Dew\Core\Document\Type\LengthType;
use Dew\Core\Document\Type\ListType;
use Dew\Core\Document\Type\MapType;
use Dew\Core\Document\Type\NamedType;
use Dew\Core\Document\Type\NothingType;
use Dew\Core\Document\Type\PatternType;
use Dew\Core\Document\Type\RecordType;
use Dew\Core\Document\Type\TextType;
use Dew\Core\Document\Type\Type;
use Dew\Core\Document\Type\WholeType;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Making\Pace;
use Dew\Core\Press\School;
use Dew\Core\Setting\QuiltingJoin;
use Dew\Core\Setting\SettingKind;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Unit\Hand;
use Dew\Core\Unit\Kind\CornerPlace;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\UnitKind;
use Dew\Core\Words\Chore;
use Dew\Core\Words\ClueWords;
use Dew\Core\Words\StepChange;

/**
 * The one description of a design document: what stands where, and within which bounds. From it documents are checked and written, and the
 * JSON Schema in docs/design.schema.json is made.
 */
final class DesignFormat
{
    /** The version of the format that is described here. */
    public const VERSION = 3;

    /** @var array<int, RecordType> made once for as many kinds of unit as there are: it is the same for every document and holds none */
    private static array $documents = [];

    public static function document(): RecordType
    {
        return self::$documents[count(UnitLibrary::keys())] ??= new RecordType([
            'dew' => ChoiceType::of(self::VERSION),
            'id' => self::id(),
            'title' => new TextType(200),
            'seam' => self::length(),
            'usable_width' => self::length(),
            'later' => new RecordType(['size' => new FlagType, 'fabrics' => new ListType(self::id(), 1, 40)], ['size', 'fabrics']),
            'methods' => new MapType(
                ChoiceType::of(...UnitLibrary::methodKeys()),
                array_map(fn (UnitKind $kind): string => $kind->value, UnitLibrary::all()),
            ),
            'fabrics' => new ListType(new RecordType([
                'id' => self::id(), 'letter' => new TextType(3), 'name' => new TextType(60), 'value' => ChoiceType::cases(
                    FabricValue::cases(),
                ),
                'part' => ChoiceType::of('background', 'focus', 'accent', 'border', 'sashing', 'binding'),
                'instead' => self::id(),
            ], ['part', 'instead']), 1, 40),
            'colourways' => new ListType(new RecordType([
                'id' => self::id(),
                'name' => new TextType(60),
                'cloth' => new MapType(new RecordType(
                    ['name' => new TextType(60), 'colour' => PatternType::colour(), 'picture' => PatternType::hash()],
                    ['picture'],
                )),
            ]), 1, 20),
            'units' => new ListType(self::unit(), 1, 500),
            'blocks' => new ListType(self::block(), 1, 200),
            'setting' => self::setting(),
            'sizes' => new ListType(self::size(), 1, 12),
            'clues' => new ListType(self::clue(), 1, 366),
            'together' => new ListType(new RecordType([
                'id' => self::id(), 'makes' => new ListType(new TextType(200), 2, 20),
            ]), 0, 40),
            'not_made' => new ListType(new TextType(200), 0, 200),
            'pressing' => new RecordType([
                'school' => ChoiceType::cases(School::cases()), 'copies' => ChoiceType::of('alike', 'chequered', 'rows', 'columns'),
            ], ['school', 'copies']),
            'pace' => ChoiceType::cases(Pace::cases()),
            'prepare' => new RecordType(['text' => new TextType(8000), 'tools' => self::tools()], ['text', 'tools']),
        ], ['seam', 'usable_width', 'later', 'methods', 'together', 'not_made', 'pressing', 'pace', 'prepare']);
    }

    /** @return array<string, mixed> the JSON Schema (draft 2020-12) for other programs */
    public static function schema(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Dew design',
            ...self::document()->schema(),
            '$defs' => array_map(fn (NamedType $named): array => $named->type->schema(), [
                'id' => self::id(), 'length' => self::length(), 'finished' => self::finished(), 'replacements' => self::replacements(),
                'pattern' => self::pattern(), 'stated' => self::stated(), 'variants' => self::variants(), 'unit' => self::unit(),
                'piece' => self::piece(), 'block' => self::block(), 'setting' => self::setting(), 'size' => self::size(),
                'clue' => self::clue(),
            ]),
        ];
    }

    private static function unit(): NamedType
    {
        $options = [
            'corners' => new ListType(new RecordType(['at' => ChoiceType::cases(CornerPlace::cases()), 'leg' => self::length()]), 1, 4),
            'base' => new RecordType(['unit' => self::id(), 'block' => self::id()], ['unit', 'block']),
            'widths' => new ListType(self::length(), 1, 12),
            'edge' => self::length(),
            'radius' => self::length(),
            'centre' => self::length(),
            'courses' => new WholeType(1, 8),
            'count' => new WholeType(1, 60),
            'turns' => new ListType(self::turn(), 4, 4),
            'hand' => ChoiceType::cases(Hand::cases()),
            'twin' => new FlagType,
            'pieces' => new ListType(self::piece(), 1, 60),
            'seams' => new ListType(new RecordType([
                'id' => self::id(), 'pieces' => new ListType(self::id(), 2, 2), 'stops' => ChoiceType::of('start', 'end', 'both'),
                'toward' => self::id(), 'open' => new FlagType,
            ], ['stops', 'toward', 'open']), 1, 200),
            'sections' => new ListType(new RecordType([
                'id' => self::id(), 'name' => new TextType(60), 'pieces' => new ListType(self::id(), 1, 60),
            ]), 1, 20),
        ];

        return new NamedType('unit', new RecordType([
            'id' => self::id(),
            'name' => new TextType(60),
            'kind' => ChoiceType::of(...UnitLibrary::keys()),
            'finished' => self::finished(),
            'fabrics' => new ListType(self::id(), 1, 40),
            ...$options,
            'picture' => PatternType::hash(),
            'variants' => self::variants(),
            'stated' => self::stated(),
        ], [...array_keys($options), 'picture', 'variants', 'stated']));
    }

    private static function piece(): NamedType
    {
        $corner = new RecordType(['x' => LengthType::orZero(), 'y' => LengthType::orZero()]);
        $arc = new RecordType(['arc' => self::length(), 'clockwise' => new FlagType]);
        $cut = new RecordType(['width' => self::length(), 'height' => self::length(), 'yield' => new WholeType(1, 16)], ['yield']);
        $notch = new RecordType(['edge' => new WholeType(1, 80), 'at' => LengthType::orZero()]);
        $spare = new RecordType(['edges' => new ListType(new WholeType(1, 80), 1, 80), 'width' => self::length(), 'after' => self::id()]);

        return new NamedType('piece', new RecordType([
            'id' => self::id(),
            'letter' => new TextType(6),
            'fabric' => self::id(),
            'shape' => new ListType(new EitherType($corner, $arc), 2, 80),
            'cut' => $cut,
            'count' => new WholeType(1, 100),
            'notches' => new ListType($notch, 1, 20),
            'spare' => $spare,
            'unit' => self::id(),
            'x' => LengthType::orZero(),
            'y' => LengthType::orZero(),
            'turn' => self::turn(),
            'mirror' => new FlagType,
        ], ['letter', 'fabric', 'shape', 'cut', 'count', 'notches', 'spare', 'unit', 'x', 'y', 'turn', 'mirror']));
    }

    private static function block(): NamedType
    {
        $lengths = new ListType(new EitherType(ChoiceType::of('auto'), self::length()), 1, 40);

        return new NamedType('block', new RecordType([
            'id' => self::id(),
            'name' => new TextType(60),
            'columns' => $lengths,
            'rows' => $lengths,
            'sixty' => new RecordType([
                'shape' => ChoiceType::cases(SixtyShape::cases()), 'edge' => self::length(), 'rows' => new WholeType(1, SixtyGrid::MOST),
            ]),
            'cells' => new ListType(new RecordType([
                'column' => new WholeType(1, 40),
                'row' => new WholeType(1, 40),
                'across' => new WholeType(1, 40),
                'down' => new WholeType(1, 40),
                'unit' => self::id(),
                'block' => self::id(),
                'turn' => ChoiceType::of(0, 60, 90, 120, 180, 240, 270, 300),
                'mirror' => new FlagType,
                'fabrics' => self::replacements(),
                'ways' => new MapType(ChoiceType::of(60, 90, 120, 180, 240, 270, 300)),
            ], ['across', 'down', 'unit', 'block', 'turn', 'mirror', 'fabrics', 'ways']), 0, 1600),
            'ways' => new ListType(new RecordType(['id' => self::id(), 'name' => new TextType(60)]), 0, 8),
            'trimmed' => self::finished(),
            'variants' => self::variants(),
            'stated' => self::stated(),
        ], ['columns', 'rows', 'sixty', 'ways', 'trimmed', 'variants', 'stated']));
    }

    private static function setting(): NamedType
    {
        return new NamedType('setting', new RecordType([
            'kind' => ChoiceType::cases(SettingKind::cases()),
            'pattern' => self::pattern(),
            'alternate' => self::id(),
            'triangles' => new RecordType(['side' => self::id(), 'corner' => self::id()], ['corner']),
            'ends' => self::id(),
            'diamonds' => ChoiceType::of('leaning', 'upright'),
            'sashing' => new RecordType([
                'name' => new TextType(60), 'width' => self::length(), 'fabric' => self::id(), 'cornerstones' => self::id(),
                'cornerstone_name' => new TextType(60), 'outside' => new FlagType,
            ], ['name', 'cornerstones', 'cornerstone_name', 'outside']),
            'borders' => new ListType(new RecordType([
                'id' => self::id(), 'name' => new TextType(60), 'width' => self::length(), 'fabric' => self::id(), 'unit' => self::id(),
                'corner_fabric' => self::id(), 'corner_unit' => self::id(), 'mitred' => new FlagType,
            ], ['name', 'fabric', 'unit', 'corner_fabric', 'corner_unit', 'mitred']), 1, 6),
            'arrange' => ChoiceType::of('as-laid', 'swap', 'free'),
            'also' => new ListType(new RecordType([
                'id' => self::id(), 'name' => new TextType(60), 'pattern' => self::pattern(),
            ]), 0, 12),
            'quilting' => new RecordType([
                'join' => ChoiceType::cases(QuiltingJoin::cases()), 'allowance' => self::length(), 'edge_kept' => new FlagType,
                'trim' => self::length(),
            ], ['edge_kept', 'trim']),
        ], ['alternate', 'triangles', 'ends', 'diamonds', 'sashing', 'borders', 'arrange', 'also', 'quilting']));
    }

    private static function size(): NamedType
    {
        return new NamedType('size', new RecordType([
            'id' => self::id(),
            'name' => new TextType(40),
            'columns' => new WholeType(1, 60),
            'rows' => new WholeType(1, 60),
            'block' => self::length(),
            'scale' => self::length(),
            'pattern' => self::pattern(),
            'borders' => new ListType(self::id(), 0, 6),
            'border_widths' => new MapType(self::length()),
        ], ['block', 'scale', 'pattern', 'borders', 'border_widths']));
    }

    private static function clue(): NamedType
    {
        $long = new TextType(8000);

        return new NamedType('clue', new RecordType([
            'id' => self::id(),
            'kind' => ChoiceType::of('bonus', 'pause'),
            'title' => new TextType(80),
            'introduction' => $long,
            'recap' => $long,
            'notes' => new ListType(new RecordType(
                ['id' => self::id(), 'size' => self::id(), 'colourway' => self::id(), 'text' => $long],
                ['size', 'colourway'],
            ), 0, 40),
            'pictures' => new ListType(new RecordType([
                'id' => self::id(), 'picture' => PatternType::hash(), 'text' => new TextType(300),
            ]), 0, 12),
            'link' => new RecordType(['address' => PatternType::address(), 'text' => new TextType(120)]),
            'tools' => self::tools(),
            'machine' => new ListType(new RecordType([
                'id' => self::id(), 'stage' => new TextType(60), 'needle' => new TextType(60), 'stitch' => new TextType(60),
                'foot' => new TextType(60), 'thread' => new TextType(60),
            ], ['needle', 'stitch', 'foot', 'thread']), 0, 12),
            'cautions' => new ListType(ChoiceType::of(...ClueWords::CAUTIONS), 0, count(ClueWords::CAUTIONS)),
            'closing' => $long,
            'minutes' => new WholeType(0, 10_000),
            'tasks' => new ListType(new RecordType([
                'id' => self::id(),
                'name' => new TextType(60),
                'unit' => self::id(),
                'block' => self::id(),
                'part' => PatternType::part(),
                'section' => self::id(),
                'mirror' => new FlagType,
                'fabrics' => self::replacements(),
                'share' => new RecordType(['part' => new WholeType(1, 20), 'of' => new WholeType(2, 20)], isValue: true),
                'for' => self::id(),
                'own' => $long,
                'quilt' => self::id(),
                'stage' => ChoiceType::of(...Chore::JOINING, ...Chore::FINISHING),
                'minutes' => new WholeType(0, 10_000),
                'count' => new WholeType(1, 1000),
            ], [
                'name', 'unit', 'block', 'part', 'section', 'mirror', 'fabrics', 'share', 'for',
                'own', 'quilt', 'stage', 'minutes', 'count',
            ]), 0, 60),
            'steps' => new ListType(new RecordType([
                'id' => self::id(), 'task' => self::id(), 'what' => ChoiceType::of(StepChange::ADD, StepChange::SAY, StepChange::LEAVE),
                'step' => new TextType(80), 'text' => new TextType(2000),
            ], ['step']), 0, 200),
        ], [
            'kind', 'introduction', 'recap', 'notes', 'pictures', 'link', 'tools', 'machine', 'cautions', 'closing', 'steps',
        ]));
    }

    private static function tools(): ListType
    {
        return new ListType(
            new RecordType(['id' => self::id(), 'name' => new TextType(80), 'at_least' => self::length()], ['at_least']),
            0,
            40,
        );
    }

    private static function stated(): NamedType
    {
        return new NamedType('stated', new RecordType([
            'unfinished' => self::finished(),
            'method' => ChoiceType::of(...UnitLibrary::methodKeys()),
            'cut' => new MapType(self::finished()),
            'counts' => new MapType(new WholeType(0, 100_000)),
        ], ['unfinished', 'method', 'cut', 'counts']));
    }

    private static function variants(): NamedType
    {
        return new NamedType('variants', new ListType(new RecordType([
            'name' => new TextType(60), 'mirror' => new FlagType, 'fabrics' => self::replacements(),
        ], ['mirror', 'fabrics']), 1, 40));
    }

    private static function pattern(): NamedType
    {
        return new NamedType('pattern', new ListType(new ListType(new EitherType(self::id(), new NothingType), 1, 60), 1, 60));
    }

    private static function replacements(): NamedType
    {
        return new NamedType('replacements', new MapType(self::id()));
    }

    private static function finished(): NamedType
    {
        return new NamedType(
            'finished',
            new EitherType(self::length(), new RecordType(['width' => self::length(), 'height' => self::length()], isValue: true)),
        );
    }

    private static function id(): NamedType
    {
        return new NamedType('id', PatternType::id());
    }

    private static function length(): NamedType
    {
        return new NamedType('length', LengthType::positive());
    }

    private static function turn(): Type
    {
        return ChoiceType::of(0, 90, 180, 270);
    }
}
