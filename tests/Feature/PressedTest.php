<?php

declare(strict_types=1);

use App\Actions\Host\PublishDesign;
use App\Plans\ReleasedSheets;
use Dew\Core\Press\Pressed;
use Dew\Core\Press\PressFlag;
use Dew\Core\Sheet\ClueSheet;

/** @return list<string> how the seams of the first task with a plan are pressed */
function pressedWays(ClueSheet $sheet): array
{
    foreach ($sheet->tasks as $task) {
        if ($task->press !== null) {
            return array_map(fn (PressFlag $flag): string => $flag->pressed->value, $task->press->flags);
        }
    }

    return [];
}

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->release($this->quilt);
    $this->project = $this->project($this->quilt);
});

it('says in every step how the plan presses, and shows it in the drawing', function (): void {
    $project = $this->project;
    $this->actingAs($project->user)->get(route('member.clues.show', [$project, 1]))->assertOk()
        ->assertSee('is-flag')->assertSee(__('tasks.pressed.title'));
});

it('plans anew around what a member has pressed already', function (): void {
    $project = $this->project;
    $sheets = app(ReleasedSheets::class);
    $clue = $sheets->find($project, 1);
    $planned = pressedWays($sheets->sheet($project, $clue));
    $task = array_values(array_filter($sheets->sheet($project, $clue)->tasks, fn ($task): bool => $task->press !== null))[0];
    $say = fn (string $done) => $this->actingAs($project->user)
        ->put(route('member.pressed.update', [$project, 1]), ['task' => $task->task, 'done' => $done]);

    $say('reversed')->assertRedirect()->assertSessionHasNoErrors();
    $reversed = pressedWays($sheets->sheet($project->refresh(), $clue));
    expect($reversed)->toBe(array_map(fn (string $way): string => ['left' => 'right', 'right' => 'left'][$way], $planned));
    // Said again it means the same: it is the other way than planned, not than said before.
    $say('reversed')->assertSessionHasNoErrors();
    expect(pressedWays($sheets->sheet($project->refresh(), $clue)))->toBe($reversed);
    $say('open');
    expect(array_unique(pressedWays($sheets->sheet($project->refresh(), $clue))))->toBe([Pressed::Open->value]);
    $this->get(route('member.clues.show', [$project, 1]))->assertSee('the seam open.');
    $say('planned');
    expect(pressedWays($sheets->sheet($project->refresh(), $clue)))->toBe($planned)->and($project->pressed)->toBe([]);
    $say('sideways')->assertSessionHasErrors('done');
    $this->put(route('member.pressed.update', [$project, 1]), ['task' => 't-nothing', 'done' => 'open'])->assertSessionHasErrors('task');
});

it('tells people no different of what is open when a new version would press it otherwise', function (): void {
    $project = $this->project;
    $quiltAlong = $project->quiltAlong;
    $sheets = app(ReleasedSheets::class);
    $clue = $sheets->find($project, 1);
    $before = pressedWays($sheets->sheet($project, $clue));
    $document = json_decode($quiltAlong->publishedVersion->document, true);
    app(PublishDesign::class)($quiltAlong, (string) json_encode(['pressing' => ['school' => 'open']] + $document));
    $project = $project->fresh();
    app()->forgetInstance(ReleasedSheets::class);
    expect(pressedWays(app(ReleasedSheets::class)->sheet($project, $clue->fresh())))->toBe($before);
    // What is still to come follows the new version.
    $quiltAlong->clues()->where('key', 'k-lanterns')->update(['release_at' => now()->subMinute()]);
    expect(array_unique(pressedWays(app(ReleasedSheets::class)->sheet($project, $quiltAlong->clues()->where('key', 'k-lanterns')->sole()))))
        ->toBe(['open']);
});
