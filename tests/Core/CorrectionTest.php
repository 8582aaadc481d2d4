<?php

declare(strict_types=1);

use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Correction\Advice;
use Dew\Core\Correction\ClueCorrection;
use Dew\Core\Correction\SheetChange;
use Dew\Core\Correction\SheetComparison;
use Dew\Core\Correction\Stage;
use Dew\Core\Correction\Standing;
use Dew\Core\Correction\TaskCorrection;
use Dew\Core\Design\DesignReader;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;

/** @param  Closure(array<string, mixed>): array<string, mixed>|null  $change */
function castingOff(?Closure $change = null, string $size = 's-throw', ?MethodChoices $methods = null): ClueSheet
{
    $document = json_decode((string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json'), true);
    $design = DesignReader::read((string) json_encode($change === null ? $document : $change($document)));

    return (new SizeCompiler($design, $size))->clue('k-casting-off', $methods ?? MethodChoices::defaults($design->methods));
}

/** @return list<string> */
function changeCodes(ClueCorrection $correction): array
{
    return array_values(array_unique(array_merge(
        array_map(fn (SheetChange $change): string => $change->code, $correction->changes),
        ...array_map(
            fn (TaskCorrection $task): array => array_map(fn (SheetChange $change): string => $task->task.' '.$change->code, $task->changes),
            $correction->tasks,
        ),
    )));
}

/**
 * @param  array<string, int>  $counts
 * @return list<string>
 */
function advised(ClueCorrection $correction, array $counts): array
{
    $advice = [];
    foreach ($correction->tasks as $task) {
        foreach ($task->advice($counts) as $one) {
            $advice[] = $one->code.' '.$one->count;
        }
    }

    return $advice;
}

/** @param  array<string, mixed>  $document */
function widerSeam(array $document): array
{
    return ['seam' => '3/8'] + $document;
}

/** @param  array<string, mixed>  $document */
function narrowerSeam(array $document): array
{
    return ['seam' => '1/8'] + $document;
}

it('finds nothing where nothing changed, and every size by itself', function (): void {
    expect(SheetComparison::of(castingOff(), castingOff())->isEmpty())->toBeTrue();
    $more = function (array $document): array {
        $document['sizes'][1]['columns'] = 6;

        return $document;
    };

    expect(SheetComparison::of(castingOff(size: 's-crib'), castingOff($more, 's-crib'))->isEmpty())->toBeTrue()
        ->and(changeCodes(SheetComparison::of(castingOff(), castingOff($more))))->toContain('t-beam count', 't-beam quantity', 't-wake count');
});

it('knows words from numbers', function (): void {
    $words = SheetComparison::of(castingOff(), castingOff(function (array $document): array {
        $document['clues'][0]['title'] = 'Off we go';
        $document['clues'][0]['tasks'][0]['name'] = 'Beams';

        return $document;
    }));

    expect(changeCodes($words))->toBe(['title', 't-beam name'])
        ->and($words->matters())->toBeFalse()
        ->and($words->tasks[0]->stage([Standing::name('t-beam', 'sewn', $words->tasks[0]->digest) => 4]))->toBe(Stage::Untouched);
});

it('lets larger pieces be trimmed and has smaller ones cut anew', function (): void {
    $smaller = SheetComparison::of(castingOff(), castingOff(narrowerSeam(...)));
    $larger = SheetComparison::of(castingOff(), castingOff(widerSeam(...)));
    $counts = fn (ClueCorrection $correction, array $done): array => array_combine(
        array_map(fn (string $counter): string => Standing::name('t-beam', $counter, $correction->tasks[0]->digest), array_keys($done)),
        $done,
    );

    // Squares of 3⅞ in become squares of 3½ in with a seam of ⅛ in, and of 4⅜ in with one of ⅜ in.
    expect(changeCodes($smaller))->toContain('t-beam unfinished', 't-beam cut')
        ->and(array_map(fn (Measurement $side): string => $side->in(Notation::Fractions)->encode(), array_values(array_filter(
            $smaller->tasks[0]->changes,
            fn (SheetChange $change): bool => $change->code === 'cut',
        ))[0]->is))->toBe(['7/2', '7/2'])
        ->and(advised($smaller, $counts($smaller, ['cut:hst:two:first' => 12])))->toBe(['cut-trim 12'])
        ->and(advised($larger, $counts($larger, ['cut:hst:two:first' => 12])))->toBe(['cut-anew 12'])
        // Twenty units took ten squares of each cloth: of the twelve cut, two are left.
        ->and(advised($smaller, $counts($smaller, ['cut:hst:two:first' => 12, 'sewn' => 20])))->toBe(['made-trim 20', 'cut-trim 2'])
        ->and(advised($larger, $counts($larger, ['cut:hst:two:first' => 10, 'sewn' => 20])))->toBe(['made-anew 20'])
        ->and($larger->stage($counts($larger, ['cut:hst:two:first' => 10, 'trimmed' => 1])))->toBe(Stage::Made)
        ->and($larger->stage($counts($larger, ['cut:hst:two:first' => 10])))->toBe(Stage::Cut)
        ->and($larger->stage(['begun' => 1]))->toBe(Stage::Uncut)
        ->and($larger->stage([]))->toBe(Stage::Untouched);
});

it('does not trim a four-patch down, whose outer patches alone would lose', function (): void {
    $smaller = SheetComparison::of(castingOff(), castingOff(narrowerSeam(...)));
    $wake = array_values(array_filter($smaller->tasks, fn (TaskCorrection $task): bool => $task->task === 't-wake'))[0];

    expect(array_map(fn (Advice $one): string => $one->code, $wake->advice([Standing::name('t-wake', 'sewn', $wake->digest) => 8])))
        ->toBe(['made-anew']);
});

it('counts what is spare and what is missing when the number changes', function (): void {
    $more = function (array $document): array {
        $document['sizes'][1]['columns'] = 6;

        return $document;
    };
    $grows = SheetComparison::of(castingOff(), castingOff($more));
    $shrinks = SheetComparison::of(castingOff($more), castingOff());
    $name = fn (string $counter): string => Standing::name('t-beam', $counter, $grows->tasks[0]->digest);

    // 104 beams become 120; 52 squares of each cloth become 60.
    expect(advised($grows, [$name('sewn') => 104]))->toBe(['made-more 16'])
        ->and(advised($grows, [$name('sewn') => 30]))->toBe(['made-kept 30'])
        ->and(advised($grows, [$name('cut:hst:two:first') => 52]))->toBe(['cut-more 8'])
        ->and(advised($grows, [$name('cut:hst:two:first') => 20]))->toBe(['cut-kept 20'])
        ->and(advised($shrinks, [$name('sewn') => 120]))->toBe(['made-spare 16'])
        ->and(advised($shrinks, [$name('cut:hst:two:first') => 60]))->toBe(['cut-spare 8']);
});

it('says what is new and gone, and what is made another way', function (): void {
    $without = function (array $document): array {
        array_splice($document['clues'][0]['tasks'], 0, 1);
        $document['clues'][1]['tasks'][] = ['id' => 't-beam', 'unit' => 'u-beam'];

        return $document;
    };
    $gone = SheetComparison::of(castingOff(), castingOff($without));
    $new = SheetComparison::of(castingOff($without), castingOff());
    $otherWay = SheetComparison::of(castingOff(), castingOff(
        methods: MethodChoices::defaults()->with(UnitLibrary::kind('hst'), new Method('hst:eight')),
    ));
    $name = Standing::name('t-beam', 'cut:hst:two:first', $gone->tasks[0]->digest);

    expect(changeCodes($gone))->toBe(['t-beam gone'])
        ->and(changeCodes($new))->toBe(['t-beam new'])
        ->and(advised($gone, [$name => 6]))->toBe(['cut-spare 6'])
        ->and(changeCodes($otherWay))->toBe(['t-beam method', 't-blade method'])
        ->and(advised($otherWay, [$name => 6]))->toBe(['cut-anew 6']);
});

it('comes back from its plain data as it was', function (): void {
    $correction = SheetComparison::of(castingOff(), castingOff(widerSeam(...)));
    $data = json_decode((string) json_encode($correction->toData()), true);

    expect(ClueCorrection::fromData($data)->toData())->toBe($correction->toData())
        ->and(count($correction->tasks))->toBe(3);
});

it('knows how wide a coping strip brings a block to its new size', function (): void {
    $document = json_decode(nightFerryJson(), true);
    $sheet = function (string $block) use ($document): ClueSheet {
        foreach ($document['sizes'] as $index => $size) {
            $document['sizes'][$index]['block'] = $block;
        }

        return (new SizeCompiler(DesignReader::read((string) json_encode($document)), 's-throw'))->clue('k-lanterns', MethodChoices::defaults());
    };
    $grown = SheetComparison::of($sheet('12'), $sheet('13'))->tasks[0];

    // Half an inch more on every side, and a quarter inch for both of its seams.
    expect($grown->strip?->exact->encode())->toBe('1')
        ->and(SheetComparison::of($sheet('13'), $sheet('12'))->tasks[0]->strip)->toBeNull()
        ->and(TaskCorrection::fromData((array) json_decode((string) json_encode($grown->toData()), true))->toData())->toBe($grown->toData());
});

it('takes the same fabrics in another place for another look, not for other fabrics, and names what a piece is cut from', function (): void {
    $design = fn (string $which): Dew\Core\Design\Design => DesignReader::read(
        (string) file_get_contents(dirname(__DIR__)."/designs/faults/correction-cloth-order-$which.json"),
    );
    $sheets = fn (string $clue): array => array_map(fn (string $which): ClueSheet => (new SizeCompiler($design($which), 's0'))->clue(
        $clue, MethodChoices::defaults($design($which)->methods),
    ), ['old', 'new']);
    $two = SheetComparison::of(...$sheets('k1'));
    expect(changeCodes($two))->toBe(['t3 patches']);

    $one = SheetComparison::of(...$sheets('k0'));
    $changes = array_merge(...array_map(fn (TaskCorrection $task): array => $task->changes, $one->tasks));
    $pieces = array_values(array_filter($changes, fn (SheetChange $change): bool => $change->code === 'quantity'));
    expect(count($pieces))->toBeGreaterThan(4);
    foreach ($pieces as $change) {
        $cut = array_merge(...array_map(fn ($task): array => $task->making->pieces, $sheets('k0')[1]->tasks));
        $piece = array_values(array_filter($cut, fn ($piece): bool => $piece->id === $change->piece && $piece->slots === $change->slots))[0] ?? null;
        expect($piece)->not->toBeNull()
            ->and($change->sides[0]->encode())->toBe($piece?->width->encode())
            ->and(SheetChange::fromData($change->toData()))->toEqual($change);
    }
});
