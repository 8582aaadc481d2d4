<?php

declare(strict_types=1);

use App\Actions\Member\RecordTap;
use App\Models\ClueProgress;
use App\Models\Progress;
use App\Models\Project;
use App\Models\Tap;
use App\Models\TapKind;
use Illuminate\Support\Str;

/** Counts in the first clue of a quilt and gives what the tap was answered. */
function counts(string $project, string $task, string $counter, int $amount, ?string $id = null): Closure
{
    return function () use ($project, $task, $counter, $amount, $id): array {
        $mine = Project::query()->findOrFail($project);
        $clue = $mine->quiltAlong->clues()->where('number', 1)->firstOrFail();

        return app(RecordTap::class)
            ->add($mine, $clue, $task, $counter, TapKind::Add, $amount, $id ?? (string) Str::uuid(), false)
            ->jsonSerialize();
    };
}

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->release($this->quilt);
    $this->mine = $this->project($this->quilt);
});

afterEach(function (): void {
    emptyTables();
});

it('adds up a clue without missing what another counter counts at the same moment', function (): void {
    for ($round = 1; $round <= 5; $round++) {
        atOnce(...array_map(
            fn (int $device): Closure => counts($this->mine->id, $device % 2 === 0 ? 't-wake' : 't-blade', 'trimmed', 1),
            range(1, 6),
        ));
        expect((int) Progress::query()->where('counter', 'trimmed')->sum('done'))->toBe(6 * $round)
            ->and(ClueProgress::query()->sole()->done)->toBe(6 * $round);
    }
});

it('counts a tap once that arrives several times at the same moment, and answers each with what it did', function (): void {
    $id = (string) Str::uuid();
    $answers = atOnce(...array_fill(0, 5, counts($this->mine->id, 't-wake', 'sewn', 3, $id)));
    expect($answers)->each->toBeArray(json_encode($answers))->and($answers)->toHaveCount(5)->each->toMatchArray(['done' => 3, 'applied' => 3, 'message' => null])
        ->and(Tap::query()->count())->toBe(1);
});

it('never counts past the total, however many tap at the same moment', function (): void {
    $total = counts($this->mine->id, 't-wake', 'sewn', 1)()['total'];
    counts($this->mine->id, 't-wake', 'sewn', $total - 3)();
    $answers = atOnce(...array_map(fn (): Closure => counts($this->mine->id, 't-wake', 'sewn', 1), range(1, 6)));
    expect(Progress::query()->sole()->done)->toBe($total)
        ->and(count(array_filter($answers, fn (array $answer): bool => $answer['applied'] === 1)))->toBe(2);
});

it('answers one id used for two counters at the same moment without an error', function (): void {
    $id = (string) Str::uuid();
    $answers = atOnce(
        counts($this->mine->id, 't-wake', 'sewn', 2, $id),
        counts($this->mine->id, 't-wake', 'trimmed', 2, $id),
        counts($this->mine->id, 't-blade', 'sewn', 2, $id),
    );
    expect($answers)->each->toBeArray()->and(Tap::query()->count())->toBe(1)
        ->and((int) Progress::query()->sum('done'))->toBe(2);
});
