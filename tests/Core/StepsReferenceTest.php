<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\On;
use Dew\Core\Making\Overhang;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Kind\CornerPlace;
use Dew\Core\Unit\Kind\CustomPiece;
use Dew\Core\Unit\Kind\CustomUnit;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

/*
 * Every step of every way to make every kind, with what it is done on: what drawings, pressing and assembly are worked out from. Other
 * tests hold these to geometry and to worked cases; this one shows any change to what members are told, so that somebody reads it. After
 * a change that is meant, look at the difference and write the list anew: DEW_WRITE_REFERENCE=1 bin/dew test pest -- --filter=StepsReference
 */

function stepLine(Step $step): string
{
    $measures = array_map(fn (Measurement $measure): string => $measure->encode(), $step->measures);
    $named = fn (array $values): string => implode(
        ' ',
        array_map(fn (string $name, mixed $value): string => "$name=$value", array_keys($values), $values),
    );

    return '    '.implode(' | ', array_filter([
        $step->kind->value.' '.$step->code,
        implode('; ', array_map(fn (On $on): string => $on->encode(), $step->on)),
        $named($measures),
        $named($step->slots),
        $named($step->counts),
        $named($step->names),
        $step->sewing === null ? '' : $step->sewing->value,
    ], fn (string $part): bool => $part !== ''));
}

/** @param  list<Outline>  $outlines */
function outlineLine(string $name, array $outlines): ?string
{
    return $outlines === []
        ? null
        : "        $name ".implode(' / ', array_map(fn (Outline $outline): string => $outline->encode(), $outlines));
}

function pieceLine(Piece $piece): string
{
    $line = '    '.implode(' | ', array_filter([
        $piece->id.' '.$piece->shape->value,
        implode('+', $piece->slots),
        $piece->width->encode().($piece->length === null ? '' : ' x '.$piece->length->encode()),
        sprintf('yield %d, %d for each unit, %d at a time', $piece->batch->yield, $piece->batch->perUnit, $piece->batch->each),
        $piece->batch->segment ?? '',
        $piece->grain()->value.($piece->lay->chiral ? ', faces up' : '').($piece->lay->mirrored ? ', mirrored' : ''),
    ], fn (string $part): bool => $part !== ''));

    return implode("\n", array_filter([
        $line,
        outlineLine('outline', $piece->lay->outline === null ? [] : [$piece->lay->outline]),
        outlineLine('sew', $piece->lines->sew),
        outlineLine('cut', $piece->lines->cut),
        outlineLine('notches', $piece->template->notches ?? []),
        outlineLine('later', $piece->template?->later === null ? [] : [$piece->template->later]),
    ]));
}

/** The list as it is kept; written anew from what is told now when that is asked for. */
function keptText(string $name, string $text): string
{
    $file = __DIR__."/reference/$name.txt";
    if (getenv('DEW_WRITE_REFERENCE') !== false) {
        file_put_contents($file, $text);
    }

    return (string) file_get_contents($file);
}

/** What a unit says of itself, however it is made. */
function unitText(Unit $unit): string
{
    $work = $unit->seamwork();

    return implode("\n", [
        ...array_map(fn (Patch $patch): string => "    {$patch->encode()}", $unit->patches()),
        sprintf('    %d seams, %.3f in of them; %.3f sq in to cut', $work->seams, $work->length, $unit->cutArea(roomOf('1/4'))),
        ...array_map(fn (Overhang $overhang): string => "    overhang {$overhang->encode()}", $unit->overhangs(roomOf('1/4'))),
        '',
    ]);
}

function makingText(UnitKind $kind, Making $making, int $fabrics): string
{
    return implode("\n", [
        sprintf('%s by %s in %d fabrics, %d bias edges', $kind->value, $making->method->value, $fabrics, $making->biasEdges),
        ...array_map(pieceLine(...), $making->pieces),
        ...array_map(stepLine(...), $making->steps),
        '',
    ]);
}

it('tells every patch, step, piece and operand of every way to make every kind as the list in the reference has it', function (): void {
    $text = '';
    foreach (UnitLibrary::kinds() as $kind) {
        foreach (array_unique([$kind->fabrics()[0], min(4, $kind->fabrics()[1])]) as $fabrics) {
            $unit = UnitLibrary::example($kind, Length::inches(6), fabrics($fabrics))->make();
            $text .= sprintf("%s in %d fabrics\n%s\n", $kind->value, $fabrics, unitText($unit));
            foreach ($kind->methods() as $method) {
                try {
                    $text .= makingText($kind, $unit->making($method, roomOf('1/4')), $fabrics)."\n";
                } catch (InvalidArgumentException $error) {
                    $text .= "$kind->value by $method->value in $fabrics fabrics: ".said($error)."\n\n";
                }
            }
        }
    }
    expect($text)->toBe(keptText('steps', $text));
});

/**
 * Everything a custom unit may have: a section of its own, units made before, set-in seams, given cutting sizes, letters, curves with
 * notches and spare allowance, seams left open, and pieces that lie in several places.
 *
 * @return array<string, mixed> of a design with one clue
 */
function customDesign(): array
{
    $units = starUnits();
    $units[1]['sections'] = [
        ['id' => 'east', 'name' => 'East half', 'pieces' => ['arm-0', 'arm-90-m', 'ne', 'n']],
        ['id' => 'west', 'name' => 'West corner', 'pieces' => ['sw', 'arm-180']],
    ];
    $units[1]['seams'][] = ['id' => 'south', 'pieces' => ['arm-270-m', 's'], 'toward' => 's'];
    $units[1]['seams'][] = ['id' => 'joined', 'pieces' => ['e', 'arm-180-m'], 'open' => true];
    $units[1]['pieces'][9] += ['letter' => 'S', 'cut' => ['width' => '3 1/2', 'height' => '3 1/2']];
    $units[1]['pieces'][12] += ['letter' => 'T', 'cut' => ['width' => '7 1/4', 'height' => '7 1/4', 'yield' => 4]];
    $bars = [
        'id' => 'u-bars', 'name' => 'Bars', 'kind' => 'custom', 'finished' => [
            'width' => '4',
            'height' => '8',
        ], 'fabrics' => ['f-a', 'f-b'],
        'pieces' => [
            [
                'id' => 'top',
                'fabric' => 'f-a',
                'shape' => shapeOf('0,0', '4,0', '4,2', '0,2'),
                'cut' => ['width' => '4 1/2', 'height' => '2 1/2'],
            ],
            ['id' => 'left', 'fabric' => 'f-b', 'shape' => shapeOf('0,2', '2,2', '2,8', '0,8')],
            ['id' => 'right', 'fabric' => 'f-b', 'shape' => shapeOf('2,2', '4,2', '4,8', '2,8')],
        ],
    ];
    $tasks = [
        ['id' => 't-arm', 'unit' => 'u-arm'], ['id' => 't-arm-m', 'unit' => 'u-arm', 'mirror' => true],
        ['id' => 't-east', 'unit' => 'u-star', 'section' => 'east'], ['id' => 't-west', 'unit' => 'u-star', 'section' => 'west'],
        ['id' => 't-star', 'unit' => 'u-star'], ['id' => 't-leaf', 'unit' => 'u-leaf'], ['id' => 't-bars', 'unit' => 'u-bars'],
    ];
    $one = [
        'id' => 'b-one', 'name' => 'One', 'columns' => ['12', '4', '4'], 'rows' => ['8', '4'], 'cells' => [
            ['column' => 1, 'row' => 1, 'down' => 2, 'unit' => 'u-star'], ['column' => 2, 'row' => 1, 'unit' => 'u-bars'],
            ['column' => 3, 'row' => 1, 'unit' => 'u-bars', 'turn' => 180], ['column' => 2, 'row' => 2, 'unit' => 'u-leaf'],
            ['column' => 3, 'row' => 2, 'unit' => 'u-leaf', 'turn' => 90],
        ],
    ];

    return [
        'units' => [...$units, leafUnit(), $bars], 'blocks' => [$one],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => $tasks]],
    ];
}

it('tells every step, piece and operand of custom units and their sections as the list in the reference has it', function (): void {
    $design = smallDesign(customDesign());
    $sheet = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults());
    $products = Compilation::of($design)->sized('s')->products;
    $text = implode(
        "\n",
        array_map(fn (TaskSheet $task): string => "$task->name\n".makingText(UnitLibrary::kind('custom'), $task->making, 2), $sheet->tasks),
    );
    foreach (['u-arm', 'u-arm.m', 'u-star', 'u-leaf', 'u-bars'] as $product) {
        $text .= "\n$product\n".unitText($products[$product]);
    }
    $star = $products['u-star'];
    foreach (['east', 'west'] as $section) {
        $part = $star instanceof CustomUnit ? $star->section($section) : $star;
        $slots = implode(' ', array_map(fn (Slot $slot): string => $slot->id, $part->slots()));
        $text .= "\n$section, {$part->finished()->encode()}, of $slots\n".unitText($part);
    }
    foreach (['u-star', 'u-leaf'] as $id) {
        $larger = $design->units[$id]->scaled(3, 2);
        $text .= "\n$id, half as large again\n".($id === 'u-leaf' ? unitText($larger->make()) : json_encode(array_map(
            fn (CustomPiece $piece): array => [$piece->id, $piece->placed?->at->encode(), $piece->cut?->encode(), $piece->letter],
            $larger->options->pieces,
        ))."\n");
    }
    expect($text)->toBe(keptText('custom-steps', $text));
});

it('tells how two corners are sewn that meet, overlap or stay apart as the list in the reference has it', function (): void {
    $text = '';
    foreach (CornerPlace::cases() as $first) {
        foreach (CornerPlace::cases() as $second) {
            foreach ($first->quarterTurns() < $second->quarterTurns() ? [['2', '2'], ['3', '2'], ['3', '3']] : [] as [$one, $other]) {
                $legs = [$first->value => Length::parse($one), $second->value => Length::parse($other)];
                $size = new Size(Length::inches(4), Length::inches(5));
                $text .= "$first->value $one, $second->value $other\n";
                try {
                    $unit = (new UnitSpec(UnitLibrary::kind('corners'), $size, fabrics(3), UnitOptions::corners($legs)))->make();
                } catch (InvalidArgumentException $error) {
                    $text .= '    '.said($error)."\n";

                    continue;
                }
                $text .= unitText($unit);
                foreach (UnitLibrary::kind('corners')->methods() as $method) {
                    $text .= makingText(UnitLibrary::kind('corners'), $unit->making($method, roomOf('1/4')), 3);
                }
            }
        }
    }
    expect($text)->toBe(keptText('corners', $text));
});
