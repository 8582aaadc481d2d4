<?php

declare(strict_types=1);

use App\Actions\Host\PublishDesign;
use App\Drawing\Host\QuiltPicture;
use App\Drawing\LineKind;
use App\Drawing\UnitPicture;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\SheetStore;
use Dew\Core\Compile\Compiler;
use Dew\Core\Unit\MethodChoices;
use Tests\TestCase;

/**
 * Quarter circles of both kinds, and in a second clue a curve with notches and a spare allowance; the blocks are quilted one by one.
 *
 * @param  array<string, mixed>  $change
 */
function curves(array $change = []): string
{
    $leaf = [
        'id' => 'u-leaf', 'name' => 'Leaf', 'kind' => 'custom', 'finished' => '4', 'fabrics' => ['f-a', 'f-b'],
        'pieces' => [
            [
                'id' => 'leaf', 'letter' => 'Q', 'fabric' => 'f-a',
                'shape' => [
                    ['x' => '0', 'y' => '0'],
                    ['x' => '3', 'y' => '0'],
                    ['arc' => '3', 'clockwise' => true],
                    ['x' => '0', 'y' => '3'],
                ],
                'notches' => [['edge' => 2, 'at' => '1/2']],
            ],
            [
                'id' => 'ground', 'letter' => 'R', 'fabric' => 'f-b',
                'shape' => [
                    [
                        'x' => '3',
                        'y' => '0',
                    ], ['x' => '4', 'y' => '0'], ['x' => '4', 'y' => '4'], ['x' => '0', 'y' => '4'], ['x' => '0', 'y' => '3'],
                    ['arc' => '3', 'clockwise' => false],
                ],
                'notches' => [['edge' => 5, 'at' => '1/2']],
                'spare' => ['edges' => [2, 3], 'width' => '1/4', 'after' => 'curve'],
            ],
        ],
        'seams' => [['id' => 'curve', 'pieces' => ['leaf', 'ground'], 'toward' => 'ground']],
    ];

    return smallJson([
        'units' => [
            ['id' => 'u-in', 'name' => 'Dusk', 'kind' => 'quarter-circle', 'finished' => '4', 'fabrics' => ['f-a', 'f-b'], 'radius' => '3'],
            [
                'id' => 'u-out',
                'name' => 'Dawn',
                'kind' => 'quarter-circle',
                'finished' => '4',
                'fabrics' => ['f-b', 'f-a'],
                'radius' => '3',
            ],
            $leaf,
        ],
        'blocks' => [blockOf('b-one', ['4', '4'], ['4', '4'], ['u-in u-out', 'u-leaf u-in'])],
        'sizes' => [['id' => 's', 'name' => 'Small', 'columns' => 2, 'rows' => 2]],
        'clues' => [
            [
                'id' => 'k',
                'title' => 'Curves',
                'minutes' => 1,
                'tasks' => [['id' => 't-in', 'unit' => 'u-in'], ['id' => 't-out', 'unit' => 'u-out']],
            ],
            ['id' => 'k-2', 'title' => 'Leaves', 'minutes' => 1, 'tasks' => [['id' => 't-leaf', 'unit' => 'u-leaf']]],
        ],
        ...$change,
    ]);
}

beforeEach(function (): void {
    $this->quilt = QuiltAlong::factory()->create();
    app(PublishDesign::class)($this->quilt, curves());
    $this->release($this->quilt);
    $this->project = $this->project($this->quilt, 's');
    $this->project->update(['colourway_key' => 'c']);
    $this->url = "/q/{$this->project->id}";
});

/** What is cut for a task of the first clue, by piece id, for this member. */
function cutFor(TestCase $test, string $task): array
{
    $project = $test->project->fresh();
    $clue = $test->quilt->clues()->where('number', 1)->firstOrFail();
    $sheet = app(SheetStore::class)->clue($test->quilt->version(), 's', $clue, $project->methods());
    foreach ($sheet->tasks as $known) {
        if ($known->task === $task) {
            $counts = [];
            foreach ($known->making->pieces as $piece) {
                $counts[$piece->id] = $known->quantity($piece, $project->madeBefore($known));
            }

            return $counts;
        }
    }
    throw new LogicException("No task $task.");
}

it('cuts each kind by itself from templates, and the second kind out of the bag of the first by swapping', function (): void {
    expect(cutFor($this, 't-in'))->toBe(['inner' => 8, 'outer' => 8])->and(cutFor($this, 't-out'))->toBe(['inner' => 4, 'outer' => 4]);
    $this->actingAs($this->project->user)->put(
        "{$this->url}/clues/1/method",
        ['task' => 't-in', 'kind' => 'quarter-circle', 'method' => 'quarter-circle:swap'],
    )
        ->assertSessionHasNoErrors();
    expect(cutFor($this, 't-in'))->toBe(['inner' => 8, 'outer' => 8])->and(cutFor($this, 't-out'))->toBe(['inner' => 0, 'outer' => 0]);
    $this->get("{$this->url}/clues/1")
        ->assertSeeText('All 4 are in a bag from earlier work, cut and waiting to be sewn. Cut nothing for them.')
        ->assertSeeText('8 more come out of the same cuts, the other way round of Dusk.');
    $this->get("{$this->url}/bench")->assertSeeText('The other way round of Dusk');
});

it('cuts for what did not come out of the bag because it was made another way before', function (): void {
    // Six of the eight are made from templates; only two are left to be swapped, and those give two of the four others.
    $this->tap($this->project, ['task' => 't-in', 'counter' => 'sewn', 'amount' => 6])->assertOk();
    $this->actingAs($this->project->user)->put(
        "{$this->url}/clues/1/method",
        ['task' => 't-in', 'kind' => 'quarter-circle', 'method' => 'quarter-circle:swap'],
    )
        ->assertSessionHasNoErrors();
    expect(cutFor($this, 't-in'))->toBe(['inner' => 2, 'outer' => 2])->and(cutFor($this, 't-out'))->toBe(['inner' => 2, 'outer' => 2])
        ->and($this->project->fresh()->methods()->for(Dew\Core\Unit\Kind\UnitLibrary::kind('quarter-circle'))->value)->toBe('quarter-circle:swap');
    $this->get("{$this->url}/clues/1")->assertDontSeeText('Cut nothing for them')->assertSeeText('are in a bag');
});

it('does not cut again for what lies in the bag already', function (): void {
    $choose = fn (string $method) => $this->actingAs($this->project->user)
        ->put("{$this->url}/clues/1/method", ['task' => 't-in', 'kind' => 'quarter-circle', 'method' => $method])
        ->assertSessionHasNoErrors();
    $choose('quarter-circle:swap');
    // Three of the first kind are made by swapping, so three of the other kind lie in the bag.
    $this->tap($this->project, ['task' => 't-in', 'counter' => 'sewn', 'amount' => 3])->assertOk();
    $choose('quarter-circle:templates');
    expect(cutFor($this, 't-in'))->toBe(['inner' => 5, 'outer' => 5])->and(cutFor($this, 't-out'))->toBe(['inner' => 1, 'outer' => 1]);
});

it('uses the method that the design usually makes a kind by, until somebody chooses another', function (): void {
    $this->clue($this->quilt, 1)->forceFill(['release_at' => null])->save();
    app(PublishDesign::class)($this->quilt, curves(['methods' => ['quarter-circle' => 'quarter-circle:swap']]));
    $this->release($this->quilt);
    $this->quilt->refresh();
    expect($this->quilt->fresh()->usualMethods())->toHaveKey('quarter-circle')
        ->and(cutFor($this, 't-out'))->toBe(['inner' => 0, 'outer' => 0]);
    $this->actingAs($this->project->user)->get("{$this->url}/clues/1")->assertSeeText('Cut nothing for them');
});

it('draws notches across the edge and the line where the spare allowance goes', function (): void {
    $this->release($this->quilt, 2);
    $sheet = app(SheetStore::class)->clue($this->quilt->version(), 's', $this->clue($this->quilt, 2), MethodChoices::defaults());
    $announcement = app(SheetStore::class)->announcement($this->quilt->version());
    $pictures = new UnitPicture($announcement->colourway('c'), $announcement->slots);
    $kinds = [];
    foreach ($sheet->tasks[0]->making->pieces as $piece) {
        foreach ($pictures->piece($piece)->lines as $line) {
            $kinds[$piece->label.' '.$line->kind->value] = ($kinds[$piece->label.' '.$line->kind->value] ?? 0) + 1;
        }
    }
    expect($kinds['Q '.LineKind::Notch->value])->toBe(1)
        ->and($kinds['R '.LineKind::Notch->value])->toBe(1)
        ->and($kinds['R '.LineKind::Later->value])->toBe(1)
        ->and($kinds)->not->toHaveKey('Q '.LineKind::Later->value);
    $this->actingAs($this->project->user)->get("{$this->url}/clues/2")
        ->assertSeeText('Clip each notch at most ⅛'."\u{a0}".'in deep')
        ->assertSeeText('baste their notches together by machine')
        ->assertSeeText('trim its outer edge by it')
        ->assertSee('is-notch', false)
        ->assertSee('is-later', false);
});

it('draws of quilted blocks only what is seen once they are joined', function (): void {
    $quilting = ['kind' => 'straight', 'pattern' => [['b-one']], 'quilting' => ['join' => 'cover-strip', 'allowance' => '1']];
    $draw = function (array $setting): QuiltPicture {
        $design = Dew\Core\Design\DesignReader::read(curves(['setting' => $setting]));

        return QuiltPicture::of(Compiler::quiltSheet($design, 's'), $design->colourways['c']);
    };
    $joined = $draw($quilting);
    // Trimmed to 8½ in, a block loses 1 in at each side: 6½ in of it is seen, ¾ in of the finished 8 in is hidden at each side.
    expect($joined->width)->toBe(1300.0)
        ->and(array_column($joined->places, 'clip'))->toBe(
            [
                'M0 0L650 0L650 650L0 650Z',
                'M650 0L1300 0L1300 650L650 650Z',
                'M0 650L650 650L650 1300L0 1300Z',
                'M650 650L1300 650L1300 1300L650 1300Z',
            ],
        )
        ->and(array_column($draw(['kind' => 'straight', 'pattern' => [['b-one']]])->places, 'clip'))->toBe([null, null, null, null])
        ->and($draw(
            [...$quilting, 'quilting' => ['join' => 'cover-strip', 'allowance' => '1', 'edge_kept' => true]],
        )->places[0]['clip'])->toStartWith('M0 0L');
});

it('says at the beginning of a clue what is made by now, where it is, and what it is enough for', function (): void {
    $quilt = $this->quiltAlong();
    foreach (range(1, 6) as $number) {
        $this->release($quilt, $number);
    }
    $project = $this->project($quilt);
    $recap = function (int $number) use ($project): string {
        $this->app->forgetScopedInstances();
        preg_match('~<section class="card recap".*?</section>~s', (string) $this->actingAs($project->user)->get("/q/$project->id/clues/$number")->assertOk()->getContent(), $found);

        return (string) preg_replace('/[\s\x{a0}\x{202f}]+/u', ' ', html_entity_decode(strip_tags((string) preg_replace('~<svg.*?</svg>~s', '', $found[0] ?? ''))));
    };
    $this->tap($project, ['task' => 't-blade', 'counter' => 'trimmed', 'amount' => 41])->assertOk();
    expect($recap(2))->toContain('41 of the 48 of Blade half-square triangle from clue 1 are made. 41 wait in their bag.')
        ->toContain('None of the 104 of Beam half-square triangle from clue 1 are made yet.')
        // Four blades go into a propeller.
        ->and($recap(4))->toContain('That is enough for 10 of the 12 of Slow Propeller. Take them out of their bag')
        // What the same clue sewed in waits nowhere.
        ->and($recap(5))->toContain('None of the 12 of Slow Propeller from clue 4 are made yet.')->not->toContain('Deep');
    $this->tap($project, ['task' => 't-propeller', 'counter' => 'trimmed', 'amount' => 2], 4)->assertOk();
    expect($recap(5))->toContain('2 of the 12 of Slow Propeller from clue 4 are made. 2 wait in their bag.');
    expect($recap(2))->toContain('41 of the 48 of Blade half-square triangle from clue 1 are made.');
    $this->tap($project, ['task' => 't-blade', 'counter' => 'trimmed', 'kind' => 'all'])->assertOk();
    expect($recap(4))->toContain('48 of Blade half-square triangle, from clue 1. That is enough for all 12 of Slow Propeller.');
});
