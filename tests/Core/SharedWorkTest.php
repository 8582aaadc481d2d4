<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Cutting\BoltLengths;
use Dew\Core\Cutting\ClothNeed;
use Dew\Core\Cutting\CutRules;
use Dew\Core\Cutting\PieceShapes;
use Dew\Core\Cutting\Yardage;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\LargerMakings;

/** Whatever is worked out once for many is the same as what is worked out for each. */
it('takes the same cloth for a size by itself as for one of many', function (): void {
    $design = nightFerry();
    $lengths = new BoltLengths($design->room);
    foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
        $tasks = Compiler::tasks($design, $size);
        expect(Yardage::of($tasks, $design->room, $lengths))->toEqual(Yardage::of($tasks, $design->room))
            ->and(Yardage::coveringByClue($tasks, $design->room, $lengths))->toEqual(Yardage::coveringByClue($tasks, $design->room));
        foreach ($tasks as $ofClue) {
            foreach ($ofClue as $task) {
                expect($task->inEveryWay($lengths->larger))->toEqual($task->inEveryWay());
            }
        }
    }
});

it('cuts a way of making larger once, and by another length again', function (): void {
    foreach (Compiler::tasks(nightFerry(), 's-crib') as $tasks) {
        foreach ($tasks as $task) {
            $larger = new LargerMakings;
            [$eighth, $quarter] = [Length::fraction(1, 8), Length::fraction(1, 4)];
            expect($larger->of($task->making, $eighth))->toBe($larger->of($task->making, Length::fraction(2, 16)))
                ->toEqual($task->making->oversize($eighth))
                ->and($larger->of($task->making, $quarter))->toEqual($task->making->oversize($quarter));
        }
    }
});

it('lays a piece with a margin, or one that must not turn, otherwise than a plain one it has met before', function (): void {
    $task = firstClue('s-throw')->tasks[0];
    $shapes = new PieceShapes(Notation::Fractions, $task->room);
    $piece = array_values(array_filter($task->making->pieces, fn ($piece): bool => $piece->isCloth() && $piece->length !== null))[0];
    $plain = $shapes->of($piece);

    expect($shapes->of($piece))->toBe($plain)
        ->and($shapes->of($piece, margin: Length::fraction(1, 2))->height)->toBe($plain->height + 16)
        ->and($shapes->of($piece))->toBe($plain)->turns->toBeTrue()
        // With the shapes of others before it, a need is what it is without.
        ->and(ClothNeed::of([$task], Notation::Fractions, new CutRules, $shapes))->toEqual(ClothNeed::of([$task], Notation::Fractions));
});
