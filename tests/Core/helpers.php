<?php

declare(strict_types=1);

use Dew\Core\Block\Block;
use Dew\Core\Block\Cell;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\Complaint;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Draft\BlankDesign;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edits;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Problem;
use Dew\Core\Measure\Size;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Unit\Kind\HalfSquareTriangle;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

function nightFerryJson(): string
{
    return (string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json');
}

function nightFerry(): Design
{
    return DesignReader::read(nightFerryJson());
}

/** @param  array<int|string>  $path */
function nightFerryWith(array $path, mixed $value): string
{
    $document = json_decode(nightFerryJson(), true, flags: JSON_THROW_ON_ERROR);
    $place = &$document;
    foreach ($path as $key) {
        $place = &$place[$key];
    }
    $place = $value;

    return json_encode($document, JSON_THROW_ON_ERROR);
}

function firstClue(string $size, ?MethodChoices $methods = null): ClueSheet
{
    return Compiler::clueSheet(nightFerry(), $size, 'k-casting-off', $methods ?? MethodChoices::defaults());
}

function inches(string $text): Length
{
    return Length::parse($text);
}

function node(string $json): Node
{
    return Node::fromJson($json, 10_000);
}

/**
 * @param  callable(array<string, mixed>): array<string, mixed>  $change
 * @return list<string>
 */
function findings(callable $change): array
{
    $document = $change(
        json_decode((string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json'), true, flags: JSON_THROW_ON_ERROR),
    );

    return array_map(
        fn (Finding $finding): string => implode(' ', [$finding->severity->value, $finding->code, $finding->place]),
        Proof::of(DesignReader::read(json_encode($document, JSON_THROW_ON_ERROR))),
    );
}

function plainBlock(string $id, string ...$columns): Block
{
    $cells = array_map(fn (int $column): Cell => new Cell($column, 0, "u-$column", Orientation::upright()), array_keys($columns));

    return new Block($id, $id, array_map(Length::parse(...), $columns), [Length::inches(6)], $cells);
}

/** @return list<Slot> */
function fabrics(int $count): array
{
    return array_map(
        fn (int $index): Slot => new Slot("f-$index", chr(65 + $index), "Fabric $index", FabricValue::cases()[$index % 3]),
        range(0, $count - 1),
    );
}

function unitOf(UnitKind $kind, Length $height, int $fabrics): Unit
{
    return UnitLibrary::example($kind, $height, fabrics($fabrics))->make();
}

function roomOf(string $seam): CuttingRoom
{
    return new CuttingRoom(Length::parse($seam), Length::inches(40), Length::fraction(1, 2));
}

function pieceOf(Making $making, string $id): Piece
{
    foreach ($making->pieces as $piece) {
        if ($piece->id === $id) {
            return $piece;
        }
    }
    throw new LogicException("No piece $id.");
}

function exactly(Piece $piece): string
{
    return $piece->width->exact->toDecimal(6);
}

function byRule(Piece $piece): string
{
    return $piece->width->in(Notation::Fractions)->encode();
}

function ruled(string $length): string
{
    return Length::parse($length)->encode();
}

/** The polygon with every edge moved outward by a distance, by intersecting the moved edges: independent of the formulas in the core. */
function movedOut(Outline $outline, float $distance): array
{
    $points = array_map(fn (Point $corner): array => [$corner->x->toFloat(), $corner->y->toFloat()], $outline->corners);
    $count = count($points);
    $twice = 0.0;
    foreach ($points as $index => [$x, $y]) {
        [$nextX, $nextY] = $points[($index + 1) % $count];
        $twice += $x * $nextY - $nextX * $y;
    }
    $outward = $twice > 0 ? 1 : -1;
    $lines = [];
    foreach ($points as $index => [$x, $y]) {
        [$nextX, $nextY] = $points[($index + 1) % $count];
        $length = hypot($nextX - $x, $nextY - $y);
        $normal = [$outward * ($nextY - $y) / $length, -$outward * ($nextX - $x) / $length];
        $lines[] = [$normal[0], $normal[1], $normal[0] * $x + $normal[1] * $y + $distance];
    }
    $moved = [];
    foreach ($lines as $index => [$a, $b, $c]) {
        [$d, $e, $f] = $lines[($index + $count - 1) % $count];
        $determinant = $d * $b - $a * $e;
        $moved[] = [($f * $b - $c * $e) / $determinant, ($d * $c - $a * $f) / $determinant];
    }

    return $moved;
}

function lightSlot(): Slot
{
    return new Slot('f-light', 'B', 'Lamplight', FabricValue::Light);
}

function darkSlot(): Slot
{
    return new Slot('f-dark', 'A', 'Deep water', FabricValue::Dark);
}

function hst(string $finished, string $seam, Method $method): Making
{
    $room = new CuttingRoom(Length::parse($seam), Length::inches(40), Length::fraction(1, 2));

    return (new HalfSquareTriangle(Length::parse($finished), lightSlot(), darkSlot()))->making($method, $room);
}

/** @return list<array{array<string, string>, array<string, mixed>}> */
function referenceCases(string $kind): array
{
    $cases = json_decode((string) file_get_contents(__DIR__.'/reference/cases.json'), true, flags: JSON_THROW_ON_ERROR);
    $found = array_values(array_filter($cases, fn (array $case): bool => $case['kind'] === $kind));

    return $found === [] ? throw new LogicException("No case of $kind.") : array_map(
        fn (array $case): array => [$case['given'], $case['expect']],
        $found,
    );
}

/** Square inches that a quilt's drawing covers. */
function drawnArea(QuiltSheet $sheet): float
{
    $of = function (string $product) use (&$of, $sheet): float {
        $area = array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $sheet->units[$product] ?? []));

        return $area + array_sum(array_map(fn (Placement $placement): float => $of($placement->product), $sheet->blocks[$product] ?? []));
    };

    return array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $sheet->frame)) + array_sum(
        array_map(fn (Placement $placement): float => $of($placement->product), $sheet->placements),
    );
}

/**
 * A small design to be changed: two units to a block, and a third that leans.
 *
 * @param  array<string, mixed>  $change  top-level keys
 */
function smallDesign(array $change = []): Design
{
    return DesignReader::read(smallJson($change));
}

/** @param  array<string, mixed>  $change */
function smallJson(array $change = []): string
{
    $cells = [
        ['column' => 1, 'row' => 1, 'unit' => 'u-hst'], ['column' => 2, 'row' => 1, 'unit' => 'u-plain'],
        ['column' => 1, 'row' => 2, 'unit' => 'u-plain'], ['column' => 2, 'row' => 2, 'unit' => 'u-hst', 'turn' => 180],
    ];

    return json_encode(array_replace([
        'dew' => 3, 'id' => 'small', 'title' => 'Small',
        'fabrics' => [
            ['id' => 'f-a', 'letter' => 'A', 'name' => 'Flax', 'value' => 'light'],
            ['id' => 'f-b', 'letter' => 'B', 'name' => 'Moss', 'value' => 'dark'],
            ['id' => 'f-c', 'letter' => 'C', 'name' => 'Rust', 'value' => 'medium'],
        ],
        'colourways' => [
            ['id' => 'c', 'name' => 'C', 'cloth' => array_fill_keys(['f-a', 'f-b', 'f-c'], ['name' => 'cloth', 'colour' => '#808080'])],
        ],
        'units' => [
            ['id' => 'u-hst', 'name' => 'Triangle square', 'kind' => 'hst', 'finished' => '3', 'fabrics' => ['f-a', 'f-b']],
            ['id' => 'u-plain', 'name' => 'Plain square', 'kind' => 'square', 'finished' => '3', 'fabrics' => ['f-c']],
            [
                'id' => 'u-lean',
                'name' => 'Leaning half',
                'kind' => 'half-rectangle',
                'finished' => ['width' => '3', 'height' => '6'],
                'fabrics' => ['f-a', 'f-b'],
            ],
        ],
        'blocks' => [['id' => 'b-one', 'name' => 'One', 'columns' => ['3', '3'], 'rows' => ['3', '3'], 'cells' => $cells]],
        'setting' => ['kind' => 'straight', 'pattern' => [['b-one']]],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 2, 'rows' => 3]],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => [['id' => 't', 'unit' => 'u-hst']]]],
    ], $change), JSON_THROW_ON_ERROR);
}

/**
 * A block for the small design, its cells written short: `u-hst`, `u-hst/90`, `u-lean/0m`, row by row.
 *
 * @param  list<string>  $rows
 * @return array<string, mixed>
 */
function blockOf(string $id, array $columns, array $heights, array $rows): array
{
    $cells = [];
    foreach ($rows as $row => $line) {
        foreach (explode(' ', $line) as $column => $text) {
            preg_match('/^([ub]-[a-z-]+)(?:\/(\d+))?(m)?$/', $text, $part);
            $cells[] = array_filter([
                'column' => $column + 1, 'row' => $row + 1, $part[1][0] === 'u' ? 'unit' : 'block' => $part[1],
                'turn' => (int) ($part[2] ?? 0), 'mirror' => ($part[3] ?? '') === 'm',
            ]);
        }
    }

    return ['id' => $id, 'name' => ucfirst(substr($id, 2)), 'columns' => $columns, 'rows' => $heights, 'cells' => $cells];
}

/** What the reader says of a document it refuses. */
function refusal(string $json): DocumentException
{
    try {
        DesignReader::read($json);
    } catch (DocumentException $error) {
        return $error;
    }
    throw new LogicException('It was read.');
}

/** Night Ferry as it was first drawn, whose numbers are counted by hand in the tests; of other designs the demo's. */
function designPath(string $name): string
{
    return $name === 'night-ferry' ? __DIR__.'/../designs/night-ferry.json' : dirname(__DIR__, 2)."/database/designs/$name.json";
}

function designFile(string $name): string
{
    return (string) file_get_contents(designPath($name));
}

/** @param  array<string, mixed>  $change */
function marks(array $change): array
{
    $marks = [];
    foreach (Proof::of(smallDesign($change)) as $finding) {
        $marks[$finding->code] ??= $finding;
    }

    return $marks;
}

/** A triangle of a custom unit by its corners, written "x,y". */
function shapeOf(string ...$corners): array
{
    return array_map(fn (string $corner): array => array_combine(['x', 'y'], explode(',', $corner)), $corners);
}

/**
 * A star of 12 in. Its eight arms are parallelograms of three strips with sides of 3 and 3√2; squares are set into the corners, triangles
 * into the sides.
 *
 * @param  array<string, mixed>  $armChange
 * @return array<string, mixed> units of a design
 */
function starUnits(array $armChange = []): array
{
    $arm = [
        'id' => 'u-arm', 'name' => 'Arm', 'kind' => 'strip-parallelogram', 'finished' => ['width' => '1 1/2 √2', 'height' => '3'],
        'fabrics' => ['f-a', 'f-b', 'f-a'], 'widths' => ['1', '1', '1'], ...$armChange,
    ];
    $size = new Size(Length::inches(6), Length::inches(3));
    $pieces = [];
    foreach ([0, 90, 180, 270] as $turn) {
        foreach ([false, true] as $mirror) {
            // The sharp corner of the upright arm, at its bottom left, comes to lie in the middle of the star.
            $tip = Orientation::of($turn, $mirror)->apply(new Point(Length::zero(), Length::inches(3)), $size);
            $pieces[] = array_filter([
                'id' => "arm-$turn".($mirror ? '-m' : ''), 'letter' => $mirror
                    ? 'K'
                    : 'L', 'unit' => 'u-arm', 'turn' => $turn, 'mirror' => $mirror,
                'x' => (string) (6 - (int) $tip->x->toFloat()), 'y' => (string) (6 - (int) $tip->y->toFloat()),
            ], fn (mixed $value): bool => $value !== 0 && $value !== false);
        }
    }
    $ground = [
        'ne' => ['9,0', '12,0', '12,3', '9,3'], 'se' => [
            '9,9',
            '12,9',
            '12,12',
            '9,12',
        ], 'sw' => ['0,9', '3,9', '3,12', '0,12'], 'nw' => ['0,0', '3,0', '3,3', '0,3'],
        'n' => ['3,0', '9,0', '6,3'], 'e' => ['12,3', '12,9', '9,6'], 's' => ['9,12', '3,12', '6,9'], 'w' => ['0,9', '0,3', '3,6'],
    ];
    foreach ($ground as $id => $corners) {
        $pieces[] = ['id' => $id, 'fabric' => 'f-c', 'shape' => shapeOf(...$corners)];
    }
    $star = [
        'id' => 'u-star', 'name' => 'Harbour star', 'kind' => 'custom', 'finished' => '12', 'fabrics' => ['f-c'], 'pieces' => $pieces,
        'seams' => [
            ['id' => 'pair', 'pieces' => ['arm-0', 'arm-90-m'], 'stops' => 'end', 'open' => true],
            ['id' => 'corner', 'pieces' => ['ne', 'arm-0'], 'stops' => 'both', 'toward' => 'arm-0'],
            ['id' => 'side', 'pieces' => ['n', 'arm-90-m'], 'stops' => 'start'],
        ],
    ];

    return [$arm, $star];
}

/** @param  list<array<string, mixed>>  $units */
function starDesign(array $units): array
{
    return [
        'units' => $units,
        'blocks' => [
            [
                'id' => 'b-one',
                'name' => 'Star',
                'columns' => ['12'],
                'rows' => ['12'],
                'cells' => [['column' => 1, 'row' => 1, 'unit' => 'u-star']],
            ],
        ],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [
            ['id' => 't-arm', 'unit' => 'u-arm'], [
                'id' => 't-arm-m',
                'unit' => 'u-arm',
                'mirror' => true,
            ], ['id' => 't-star', 'unit' => 'u-star'],
        ]]],
    ];
}

/** A leaf: a curve across a square, with notches, a spare allowance outside and letters of the pattern. */
function leafUnit(): array
{
    return [
        'id' => 'u-leaf', 'name' => 'Leaf', 'kind' => 'custom', 'finished' => '4', 'fabrics' => ['f-a', 'f-b'],
        'pieces' => [
            ['id' => 'leaf', 'letter' => 'Q', 'fabric' => 'f-a', 'shape' => [
                ['x' => '0', 'y' => '0'],
                ['x' => '4', 'y' => '0'],
                ['arc' => '4', 'clockwise' => true],
                ['x' => '0', 'y' => '4'],
            ],
                'notches' => [['edge' => 2, 'at' => '1/2']]],
            ['id' => 'ground', 'letter' => 'R', 'fabric' => 'f-b', 'shape' => [
                ['x' => '4', 'y' => '0'],
                ['x' => '4', 'y' => '4'],
                ['x' => '0', 'y' => '4'],
                ['arc' => '4', 'clockwise' => false],
            ],
                'notches' => [['edge' => 3, 'at' => '1/2']], 'spare' => ['edges' => [1, 2], 'width' => '1/4', 'after' => 'curve']],
        ],
        'seams' => [['id' => 'curve', 'pieces' => ['leaf', 'ground'], 'toward' => 'ground']],
    ];
}

function blankDraft(): DraftDocument
{
    return DraftDocument::of(BlankDesign::of('d', 'D', '1/4', [
        'background' => 'Ground', 'main' => 'Main', 'accent' => 'Accent', 'colourway' => 'One', 'small' => 'Lap', 'large' => 'Bed',
    ]));
}

/** A draft after some edits; each is undone and made again on the way, and must give the same bytes. */
function changed(DraftDocument $draft, array ...$edits): DraftDocument
{
    foreach ($edits as $edit) {
        $applied = Edits::apply($draft, EditLibrary::read($edit));
        $back = Edits::apply($applied->document, $applied->undo());
        expect($back->document->document()->text)->toBe($draft->document()->text)
            ->and(Edits::apply($back->document, $applied->redo())->text)->toBe($applied->text);
        $draft = $applied->document;
    }

    return $draft;
}

/** @return list<array<string, mixed>> a triangle, a diamond and half a triangle of sides of 2 in, and a triangle of 4 in */
function sixtyUnits(): array
{
    $unit = fn (string $id, string $kind, string $side, string $fabric): array => [
        'id' => $id, 'name' => $id, 'kind' => $kind, 'finished' => $side, 'fabrics' => [$fabric],
    ];

    return [
        $unit('u-tri', 'triangle-60', '2', 'f-a'), $unit('u-other', 'triangle-60', '2', 'f-b'),
        $unit('u-diamond', 'diamond-60', '2', 'f-b'), $unit('u-half', 'half-triangle-60', '2', 'f-a'),
        $unit('u-large', 'triangle-60', '4', 'f-b'),
    ];
}

/**
 * A block on 60° axes whose divisions have sides of 2 in.
 *
 * @param  list<string>  $cells  each "row,place unit", and "/turn", "*across" behind it where they are not the usual
 * @return array<string, mixed>
 */
function sixtyBlock(string $id, string $shape, int $rows, array $cells, string $edge = '2'): array
{
    return ['id' => $id, 'name' => $id, 'sixty' => ['shape' => $shape, 'edge' => $edge, 'rows' => $rows], 'cells' => array_map(
        function (string $cell): array {
            preg_match('#^(\d+),(\d+) ([bu]-[a-z-]+?)(/(\d+))?(\*(\d+))?(!)?$#', $cell, $read);

            return ['column' => (int) $read[2], 'row' => (int) $read[1], $read[3][0] === 'u' ? 'unit' : 'block' => $read[3]]
                + (($read[5] ?? '') === '' ? [] : ['turn' => (int) $read[5]])
                + (($read[7] ?? '') === '' ? [] : ['across' => (int) $read[7]])
                + (isset($read[8]) ? ['mirror' => true] : []);
        },
        $cells,
    )];
}

/**
 * @param  list<array<string, mixed>>  $blocks
 * @param  array<string, mixed>  $setting
 * @param  list<array<string, mixed>>  $sizes
 */
function sixtyDesign(array $blocks, array $setting = [], array $sizes = [['id' => 's', 'name' => 'S', 'columns' => 7, 'rows' => 4]]): Design
{
    return smallDesign([
        'units' => sixtyUnits(), 'blocks' => $blocks, 'sizes' => $sizes, 'clues' => [
            ['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'block' => $blocks[0]['id']]]],
        ],
        'setting' => $setting + ['kind' => 'sixty', 'pattern' => [[$blocks[0]['id']]], 'triangles' => ['side' => 'f-b']],
    ]);
}

/** @param  list<Patch>  $patches */
function coversExactly(array $patches, Outline $outline): void
{
    $inside = fn (float $x, float $y, Outline $shape): bool => count(array_filter(
        array_keys($shape->corners),
        function (int $index) use ($x, $y, $shape): bool {
            [$x1, $y1, $x2, $y2] = $shape->edge($index);

            return ($y1 > $y) !== ($y2 > $y) && $x < $x1 + ($y - $y1) / ($y2 - $y1) * ($x2 - $x1);
        },
    )) % 2 === 1;
    expect(array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $patches)))->toEqualWithDelta($outline->area(), 1e-3);
    $box = array_map(fn ($corner): array => [$corner->x->toFloat(), $corner->y->toFloat()], $outline->corners);
    for ($x = 0.137; $x < max(array_column($box, 0)); $x += 0.291) {
        for ($y = 0.113; $y < max(array_column($box, 1)); $y += 0.277) {
            $on = array_filter($patches, fn (Patch $patch): bool => $inside($x, $y, $patch->outline));
            expect(count($on))->toBe($inside($x, $y, $outline) ? 1 : 0);
        }
    }
}

/**
 * The small design with a unit of 6 in of which only cutting sizes are given: one square of 3½ in, a strip beside it, and two rectangles.
 *
 * @param  array<string, array<string, mixed>>  $change  of its pieces, by id
 * @return array<string, mixed>
 */
function givenUnit(array $change = []): array
{
    $cut = fn (string $width, string $height): array => ['width' => $width, 'height' => $height];
    $pieces = [
        ['id' => 'p-a', 'letter' => 'A', 'fabric' => 'f-a', 'cut' => $cut('3 1/2', '3 1/2')],
        ['id' => 'p-b', 'letter' => 'B', 'fabric' => 'f-b', 'cut' => $cut('3 1/2', '2'), 'count' => 2],
        ['id' => 'p-c', 'letter' => 'C', 'fabric' => 'f-b', 'cut' => $cut('3 1/2', '6 1/2')],
    ];
    $unit = [
        'id' => 'u-given', 'name' => 'Given', 'kind' => 'custom', 'finished' => '6', 'fabrics' => ['f-a', 'f-b'],
        'pieces' => array_map(fn (array $piece): array => ($change[$piece['id']] ?? []) + $piece, $pieces),
    ];

    return [
        'units' => [...json_decode(smallJson(), true)['units'], $unit],
        'blocks' => [blockOf('b-one', ['6'], ['6'], ['u-given'])],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => [['id' => 't', 'unit' => 'u-given']]]],
    ];
}

/** @return array<string, string> every compiled sheet as it is stored */
function storedSheets(Design $design): array
{
    $stored = ['announcement' => Compiler::announcement($design)->write(), 'cloth' => Compiler::clothSheet($design)->write()];
    foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
        $stored["quilt $size"] = Compiler::quiltSheet($design, $size)->write();
        $stored["layout $size"] = Compiler::layoutSheet($design, $size)->write();
        foreach (array_map(strval(...), array_keys($design->clues)) as $clue) {
            $sheet = Compiler::clueSheet($design, $size, $clue, MethodChoices::defaults($design->methods));
            $stored["clue $size $clue"] = $sheet->write();
        }
    }

    return $stored;
}

/**
 * A small design whose value at one place is another one, whatever the format says of it.
 *
 * @param  list<int|string>  $path
 */
function designWith(array $path, mixed $value): string
{
    $document = json_decode(smallJson());
    $place = &$document;
    foreach ($path as $key) {
        if (is_array($place)) {
            $place = &$place[$key];
        } else {
            $place = &$place->$key;
        }
    }
    $place = $value;

    return (string) json_encode($document);
}

/**
 * A unit of a kind without a design around it.
 *
 * @param  list<Slot>  $slots
 * @param  array<string, Unit>  $products
 */
function makeUnit(UnitKind $kind, Size $finished, array $slots, UnitOptions $options = new UnitOptions, array $products = []): Unit
{
    return (new UnitSpec($kind, $finished, $slots, $options))->make($products);
}

/** The English sentence of what was thrown, without a framework. */
function said(Throwable|Problem|Complaint|null $thrown): string
{
    if ($thrown instanceof DocumentException || $thrown instanceof Complaint) {
        $complaint = $thrown instanceof Complaint ? $thrown : $thrown->complaints[0];

        $problem = said($complaint->problem);

        return match (true) {
            $complaint->pointer !== '' => "$complaint->pointer: $problem",
            default => ucfirst($problem) === $problem ? $problem : "The document $problem",
        };
    }
    if ($thrown === null) {
        return '';
    }
    $problem = $thrown instanceof Problem ? $thrown : Problem::of($thrown);
    if ($problem->code === Problem::SAID) {
        return (string) $problem->values['text'];
    }
    static $words = null;
    $words ??= ['measure' => (require dirname(__DIR__, 2).'/lang/en/measure.php')['errors']] + require dirname(__DIR__, 2).'/lang/en/problems.php';
    [$group, $code] = explode('.', $problem->code, 2);
    $values = [];
    foreach ($problem->values as $name => $value) {
        $values[":$name"] = $value instanceof Problem ? said($value) : (string) $value;
    }

    return strtr($words[$group][$code] ?? throw new LogicException("There are no words for $problem->code."), $values);
}

/** How long this process has worked so far, in seconds: what else the machine does meanwhile does not count. */
function workedSeconds(): float
{
    $used = getrusage();

    return $used['ru_utime.tv_sec'] + $used['ru_stime.tv_sec'] + ($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']) / 1e6;
}

/** @return array<string, int> */
function depthsOf(LayoutSheet $sheet): array
{
    $depths = [];
    foreach ($sheet->units as $patches) {
        foreach ($patches as $index => $patch) {
            $depths[$patch->slot] = $index % 3;
        }
    }

    return $depths;
}

/** @return list<Cell> a block of cells parted by random lines from edge to edge */
function partedCells(int $column, int $row, int $across, int $down): array
{
    if ($across * $down === 1 || mt_rand(1, 5) === 1) {
        return [new Cell($column, $row, 'u', Orientation::upright(), $across, $down)];
    }
    if ($across > 1 && ($down === 1 || mt_rand(0, 1) === 1)) {
        $at = mt_rand(1, $across - 1);

        return [...partedCells($column, $row, $at, $down), ...partedCells($column + $at, $row, $across - $at, $down)];
    }
    $at = mt_rand(1, $down - 1);

    return [...partedCells($column, $row, $across, $at), ...partedCells($column, $row + $at, $across, $down - $at)];
}
