<?php

declare(strict_types=1);

use Dew\Core\Block\Block;
use Dew\Core\Block\BlockUnit;
use Dew\Core\Block\Cell;
use Dew\Core\Block\Sections;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Seams;
use Dew\Core\Making\On;
use Dew\Core\Making\Operand;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Unit\Kind\CornerPlace;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;

/**
 * A unit of every kind by every method, with as few fabrics and as many as it takes.
 *
 * @return iterable<string, array{Dew\Core\Unit\Unit, Making}>
 */
function everyMaking(): iterable
{
    foreach (UnitLibrary::kinds() as $kind) {
        foreach (array_unique($kind->fabrics()) as $fabrics) {
            foreach ($kind->methods() as $method) {
                $unit = UnitLibrary::example($kind, Length::inches(6), fabrics(min($fabrics, 6)))->make();
                try {
                    yield $method->value.' in '.$fabrics => [$unit, $unit->making($method, roomOf('1/4'))];
                } catch (InvalidArgumentException) {
                    // Four fabrics of an hourglass do not come from squares.
                    continue;
                }
            }
        }
    }
}

it('says of every step what it is done to, and only of things that there are', function (): void {
    $asked = 0;
    foreach (everyMaking() as $name => [$unit, $making]) {
        $patches = $unit->patches();
        $edges = array_map(fn ($patch): int => count($patch->outline->corners), $patches);
        foreach ($making->steps as $step) {
            expect($step->on)->not->toBe([], "$name, $step->code");
            foreach ($step->on as $on) {
                $asked++;
                $piece = in_array($on->kind, [Operand::Piece, Operand::SewLine, Operand::CutLine], true) ? $making->piece($on->of) : null;
                $there = match ($on->kind) {
                    Operand::Piece => $piece !== null,
                    Operand::SewLine => isset($piece?->lines->sew[$on->first]),
                    Operand::CutLine => isset($piece?->lines->cut[$on->first]),
                    Operand::Edge => $on->second < ($edges[$on->first] ?? 0),
                    Operand::Seam => $on->first < $on->second && isset($patches[$on->second]),
                    Operand::Toward => isset($patches[$on->first]),
                    Operand::Corner => CornerPlace::tryFrom($on->of) !== null,
                    Operand::Whole => true,
                };
                expect($there)->toBeTrue("$name, $step->code: ".$on->encode());
                expect(On::decode($on->encode()))->toEqual($on);
            }
        }
    }
    expect($asked)->toBeGreaterThan(600);
});

it('sews every seam of a unit in some step, whatever the kind and the method', function (): void {
    foreach (everyMaking() as $name => [$unit, $making]) {
        $sewn = [];
        foreach ($making->steps as $step) {
            foreach ($step->kind === StepKind::Sew ? $step->on : [] as $on) {
                if ($on->kind === Operand::Seam) {
                    $sewn[$on->first.' '.$on->second] = true;
                }
            }
        }
        foreach (Seams::between($unit->patches(), Length::fraction(1, 4)) as $seam) {
            $key = min($seam->first, $seam->second).' '.max($seam->first, $seam->second);
            expect(isset($sewn[$key]))->toBeTrue("$name sews no seam between patches $key");
        }
    }
});

it('presses after it sews, and before the next seam crosses', function (): void {
    foreach (everyMaking() as $name => [$unit, $making]) {
        $kinds = array_map(fn (Step $step): StepKind => $step->kind, $making->steps);
        if (in_array(StepKind::Sew, $kinds, true)) {
            expect(in_array(StepKind::Press, $kinds, true))->toBeTrue("$name is never pressed");
            $lastSewn = max(array_keys($kinds, StepKind::Sew, true));
            $lastPressed = max(array_keys($kinds, StepKind::Press, true));
            expect($lastPressed)->toBeGreaterThan($lastSewn, "$name is not pressed after its last seam");
        }
    }
});

it('names no thing before it was spoken of', function (): void {
    foreach (everyMaking() as $name => [$unit, $making]) {
        $first = $making->steps[0] ?? null;
        $text = $first === null ? '' : steps($first->code);
        expect(preg_match('/^(?:Lay|Sew|Cut|Press|Trim) (?:it|them|these|those)\b/', $text))->toBe(0, "$name begins: $text");
    }
});

it('writes steps without an article before a fabric, and rulers with the right one', function (): void {
    $loose = [];
    array_walk_recursive($GLOBALS['dewSteps'], function (string $text, string $key) use (&$loose): void {
        if (preg_match('/\ban? :(?!seam|number)/i', $text) === 1 || preg_match(
            '/\b(a [aeio]|an [^aeiou8 ])/i',
            preg_replace('/\ba (?:one|un)\w*/i', '', $text) ?? '',
        ) === 1) {
            $loose[] = "$key: $text";
        }
    });
    expect($loose)->toBe([]);
});

/** The English words of a step, without a framework. */
function steps(string $code): string
{
    $text = $GLOBALS['dewSteps'];
    foreach (explode('.', $code) as $part) {
        $text = is_array($text) ? $text[$part] ?? '' : '';
    }

    return is_string($text) ? $text : '';
}

beforeEach(function (): void {
    $words = dirname(__DIR__, 2).'/lang/en';
    $GLOBALS['dewSteps'] = require "$words/steps.php";
    foreach ((array) glob("$words/kinds/*.php") as $file) {
        $GLOBALS['dewSteps'][str_replace('-', '_', basename((string) $file, '.php'))] = (require $file)['steps'] ?? [];
    }
});

it('speaks of left and right the other way in a mirror image, and of its own pieces', function (): void {
    $directed = 0;
    foreach (everyMaking() as $name => [$unit, $making]) {
        $mirrored = $making->turnedOver(['first' => 'first.m']);
        foreach ($mirrored->steps as $index => $step) {
            expect(steps($step->code))->not->toBe('', "$name has no words for $step->code");
            if (preg_match('/clockwise|bottom left|top right/', steps($step->code)) === 1) {
                expect($step->code)->not->toBe(
                    $making->steps[$index]->code,
                    "$name says which way to go, and says it of the mirror image too",
                );
                $directed++;
            }
            foreach ($step->on as $on) {
                expect($on->kind === Operand::Piece && $on->of === 'first')->toBeFalse();
            }
        }
        expect($mirrored->turnedOver(['first.m' => 'first'])->steps)->toEqual($making->steps);
    }
    expect($directed)->toBeGreaterThan(5);
    $corners = unitOf(UnitLibrary::kind('corners'), Length::inches(4), 3)->making(new Method('corners:flip'), roomOf('1/4'))->turnedOver();
    $places = [];
    foreach ($corners->steps as $step) {
        array_push($places, ...array_map(fn (On $on): string => $on->of, $step->operands(Operand::Corner)));
    }
    expect(array_values(array_unique($places)))->toBe(['top-right', 'top-left']);
});

it('joins a block by what it is: rows, one row, one column, or sections', function (
    array $columns,
    array $rows,
    array $cells,
    array $has,
    array $hasNot,
): void {
    $list = array_map(
        fn (array $cell): Cell => new Cell($cell[0], $cell[1], 'u', Orientation::upright(), $cell[2] ?? 1, $cell[3] ?? 1),
        $cells,
    );
    $block = new Block('b', 'B', array_map(Length::inches(...), $columns), array_map(Length::inches(...), $rows), $list);
    $steps = (new BlockUnit($block, ['u' => unitOf(UnitLibrary::kind('hst'), Length::inches(2), 2)]))->making(
        new Method('block:rows'),
        roomOf('1/4'),
    )->steps;
    $codes = array_map(fn (Step $step): string => $step->code, $steps);
    expect($codes)->toContain(...$has);
    foreach ($hasNot as $code) {
        expect($codes)->not->toContain($code);
    }
    $seams = [];
    foreach ($steps as $step) {
        foreach ($step->kind === StepKind::Sew ? $step->on : [] as $on) {
            $seams[] = $on->encode();
        }
    }
    expect($seams)->toBe(array_values(array_unique($seams)));
})->with([
    'two by two' => [
        [2, 2],
        [2, 2],
        [[0, 0], [1, 0], [0, 1], [1, 1]],
        ['block.rows', 'block.press', 'block.join', 'block.press_joined'],
        ['block.sections'],
    ],
    'one row' => [
        [2, 2, 2],
        [2],
        [[0, 0], [1, 0], [2, 0]],
        ['block.one_row.sew', 'block.one_row.press', 'block.edge'],
        ['block.join', 'block.rows'],
    ],
    'one column' => [[2], [2, 2], [[0, 0], [0, 1]], ['block.one_column.sew', 'block.one_row.press'], ['block.join', 'block.rows']],
    'a part that spans rows' => [
        [2, 2], [2, 2, 2],
        [[0, 0], [1, 0], [0, 1, 1, 2], [1, 1], [1, 2]],
        ['block.section.first', 'block.section.more', 'block.section.join', 'block.press_sections'],
        ['block.sections', 'block.rows', 'block.join'],
    ],
    'parts that turn round a middle' => [
        [2, 2, 2], [2, 2, 2],
        [[0, 0, 2, 1], [2, 0, 1, 2], [1, 2, 2, 1], [0, 1, 1, 2], [1, 1]],
        ['block.sections', 'block.press_sections'], ['block.section.first', 'block.section.join'],
    ],
    'one unit' => [[2], [2], [[0, 0]], ['block.check'], ['block.join', 'block.one_row.sew', 'block.lay_out']],
]);

it('sews flipped corners in a stated order and speaks of each place', function (): void {
    $making = unitOf(UnitLibrary::kind('corners'), Length::inches(4), 3)->making(new Method('corners:flip'), roomOf('1/4'));
    $places = [];
    foreach ($making->steps as $step) {
        foreach ($step->on as $on) {
            if ($on->kind === Operand::Corner) {
                $places[$on->of] = true;
            }
        }
    }
    expect(array_keys($places))->toBe(['top-left', 'top-right']);
});

it('refuses an operand that is none', function (string $text): void {
    expect(fn () => On::decode($text))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain($text));
})->with(['needle', 'patch 3', 'seams 0 1']);

it('sews cells of any size into sections that are rectangles, round by round, each seam once', function (int $seed): void {
    mt_srand($seed);
    for ($case = 0; $case < 40; $case++) {
        $cells = partedCells(0, 0, mt_rand(2, 6), mt_rand(2, 6));
        shuffle($cells);
        $rounds = Sections::of($cells);
        expect($rounds)->not->toBeNull();
        $in = array_keys($cells);
        $sewn = [];
        foreach ($rounds ?? [] as $seams) {
            foreach ($seams as $on) {
                $sewn[] = $on->encode();
                [$one, $other] = [$in[$on->first], $in[$on->second]];
                $in = array_map(fn (int $section): int => $section === $other ? $one : $section, $in);
            }
            foreach (array_unique($in) as $section) {
                $inside = array_map(fn (int $number): Cell => $cells[$number], array_keys($in, $section, true));
                $rows = array_merge(...array_map(fn (Cell $cell): array => [$cell->row, $cell->row + $cell->down], $inside));
                $columns = array_merge(...array_map(fn (Cell $cell): array => [$cell->column, $cell->column + $cell->across], $inside));
                expect(array_sum(array_map(fn (Cell $cell): int => $cell->across * $cell->down, $inside)))
                    ->toBe((max($rows) - min($rows)) * (max($columns) - min($columns)));
            }
        }
        // Neighbours that touch are sewn to each other, and nothing else is.
        $touch = [];
        foreach ($cells as $one => $cell) {
            foreach ($cells as $other => $next) {
                $beside = $cell->column + $cell->across === $next->column
                    && max($cell->row, $next->row) < min($cell->row + $cell->down, $next->row + $next->down);
                $below = $cell->row + $cell->down === $next->row
                    && max($cell->column, $next->column) < min($cell->column + $cell->across, $next->column + $next->across);
                if ($beside || $below) {
                    $touch[] = On::seam($one, $other)->encode();
                }
            }
        }
        sort($sewn);
        sort($touch);
        expect($sewn)->toBe($touch)->and(count(array_unique($in)))->toBe(1);
    }
})->with(range(1, 5));

it('has no rounds for cells that turn round a middle, which no line parts', function (): void {
    $cell = fn (int ...$at): Cell => new Cell($at[0], $at[1], 'u', Orientation::upright(), $at[2], $at[3]);
    expect(Sections::of([$cell(0, 0, 2, 1), $cell(2, 0, 1, 2), $cell(1, 2, 2, 1), $cell(0, 1, 1, 2), $cell(1, 1, 1, 1)]))->toBeNull();
});
