<?php

declare(strict_types=1);

use App\Models\CutStepDone;
use App\Models\Progress;
use App\Models\Project;
use App\Models\StockRow;
use App\Plans\Cloth\MemberCutting;
use Dew\Core\Cutting\CutStep;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->release($this->quilt);
    $this->project = $this->project($this->quilt);
    $this->page = "/q/{$this->project->id}/fabrics";
    $this->mat = "/q/{$this->project->id}/clues/1/mat";
    $this->actingAs($this->project->user);
});

/** @param  array<string, mixed>  $cloth */
function have(TestCase $test, string $slot, array $cloth): void
{
    $test->post("$test->page/$slot/stock", ['id' => strtolower((string) Str::ulid()), 'count' => '1', ...$cloth])
        ->assertRedirect("$test->page#fabric-$slot")->assertSessionHasNoErrors();
}

/** The text of a page, with plain spaces where lines must not break. */
function textOf(TestResponse $page): string
{
    return (string) preg_replace('/\s+/u', ' ', strtr(html_entity_decode(strip_tags((string) $page->getContent())), ["\u{a0}" => ' ', "\u{202f}" => ' ']));
}

/** @return list<array{slot: string, plan: string, step: string, pieces: int}> the steps of clue 1, as her page sends them */
function stepsAtTheMat(TestCase $test, ?string $slot = null): array
{
    $planned = app(MemberCutting::class)->of(Project::query()->findOrFail($test->project->id), 1)[0];
    $steps = [];
    foreach ($planned->cutting->slots as $of => $cutting) {
        foreach ($slot === null || $slot === $of ? CutStep::of($cutting->plan) : [] as $step) {
            $steps[] = ['slot' => $of, 'plan' => $planned->plan($of), 'step' => $step->id, 'pieces' => array_sum($step->pieces())];
        }
    }

    return $steps;
}

function cutSoFar(TestCase $test): int
{
    return (int) Progress::query()->where('project_id', $test->project->id)->where('counter', 'like', 'cut:%')->sum('done');
}

it('says of every fabric what is needed, what there is and whether it is enough', function (): void {
    $this->get($this->page)->assertOk()->assertSeeText('Enter what you have to see whether it is enough.')
        ->assertSeeText('For the whole quilt, announced');
    have($this, 'f-lamp', ['kind' => 'fat-quarter', 'count' => '1']);
    $this->get($this->page)->assertSeeText('Short:')->assertSeeText('buy ');
    expect(textOf($this->get($this->page)))->toContain('1 fat quarter, 20 in by 18 in');
});

it('takes lengths with their unit, and finds them enough', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '92 cm', 'width' => '42']);
    expect(textOf($this->get($this->page)))->toContain('Enough for what is open. Left then: 42 in by');
});

it('adds cloth once, however often the form is sent', function (): void {
    $form = ['id' => '01jd0000000000000000000000', 'kind' => 'yardage', 'length' => '30', 'count' => '1'];
    $this->post("$this->page/f-deep/stock", $form);
    $this->post("$this->page/f-deep/stock", $form)->assertSessionHasNoErrors();
    expect(StockRow::query()->count())->toBe(1);
});

it('refuses what is no cloth, names what to change, and loses nothing that was typed', function (array $wrong, string $field, string $says): void {
    $form = ['stock' => '', 'id' => strtolower((string) Str::ulid()), 'kind' => 'scrap', 'length' => '10', 'width' => '12', 'count' => '1',
        'name' => 'Feed sack', ...$wrong];
    $this->from($this->page)->followingRedirects()->post("$this->page/f-deep/stock", $form)
        ->assertSeeText($says)->assertSee('value="Feed sack"', false);
    $this->post("$this->page/f-deep/stock", $form)->assertSessionHasErrorsIn('stock-f-deep', [$field]);
    expect(StockRow::query()->count())->toBe(0);
})->with([
    'a strip of width 0' => [['kind' => 'strip', 'length' => '0'], 'length', 'Write a length above zero'],
    'a negative scrap' => [['width' => '-4'], 'width', 'is below zero'],
    'a unit that does not exist' => [['kind' => 'yardage', 'length' => '2 furlongs'], 'length', 'is not a length Dew can read'],
    'yardage without a length' => [['kind' => 'yardage', 'length' => ''], 'length', 'Write how much of it there is along the bolt.'],
    'a scrap without a width' => [['width' => ''], 'width', 'Write how wide it is.'],
    'one side of a corner' => [['corner_width' => '2'], 'corner_length', 'Write both sides of the missing corner, or none.'],
    'a corner larger than the cloth' => [['corner_width' => '13', 'corner_length' => '2'], 'length', 'Nothing can be cut from this'],
    'yardage that squaring uses up' => [['kind' => 'yardage', 'length' => '1/2'], 'length', 'Nothing can be cut from this'],
    'no number of pieces' => [['count' => 'many'], 'count', 'Write how many there are'],
    'more than anybody has' => [['count' => '501'], 'count', 'Write how many there are'],
]);

it('stays a page of less than a megabyte with five hundred scraps, each of which can be changed', function (): void {
    $rows = [];
    for ($number = 0; $number < 500; $number++) {
        $rows[] = [
            'id' => strtolower((string) Str::ulid()), 'project_id' => $this->project->id, 'slot_key' => 'f-deep', 'kind' => 'scrap',
            'width' => Dew\Core\Measure\Length::fraction(80 + $number % 40, 16)->encode(),
            'length' => Dew\Core\Measure\Length::fraction(96 + $number % 30, 16)->encode(), 'count' => 1, 'name' => "Scrap $number",
            'created_at' => now(), 'updated_at' => now(),
        ];
    }
    DB::table('stock')->insert($rows);
    $page = (string) $this->get($this->page)->assertOk()->getContent();
    preg_match_all('/\?change=([0-9a-z]{26})/', $page, $links);
    expect(strlen($page))->toBeLessThan(1_000_000)->and(count(array_unique($links[1])))->toBe(500 - App\Presentation\Member\FabricsPage::FORMS);
    $one = $links[1][77];
    $form = (string) $this->get("$this->page?change=$one")->assertOk()->getContent();
    expect($form)->toContain("f-deep/stock/$one")->and(strlen($form))->toBeLessThan(1_000_000);
    $this->get("$this->page?change=nothing")->assertOk();
});

it('does not plan with more pieces than it can', function (): void {
    have($this, 'f-deep', ['kind' => 'square', 'width' => '5', 'count' => '400']);
    $this->post("$this->page/f-lamp/stock", ['id' => strtolower((string) Str::ulid()), 'kind' => 'square', 'width' => '5', 'count' => '200'])
        ->assertSessionHasErrors(['count' => 'That makes more than 500 pieces of cloth in one quilt. Take some off the list, or put equal ones together.']);
    expect(StockRow::query()->count())->toBe(1);
});

it('says that cloth is narrower than the pieces', function (): void {
    have($this, 'f-lamp', ['kind' => 'scrap', 'width' => '2', 'length' => '90']);
    $this->get($this->page)->assertSeeText('Short: ')->assertSeeText('They take');
});

it('shows the plan at the mat, counts a step once, and takes it back', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '40']);
    have($this, 'f-deep', ['kind' => 'yardage', 'length' => '40']);
    expect(textOf($this->get($this->mat)->assertOk()))->toContain('Yardage of 40 in by 39½ in', 'Measures are of the open cloth.');
    [$step] = stepsAtTheMat($this, 'f-lamp');
    $this->post($this->mat, ['done' => '1', ...$step])->assertRedirect("$this->mat#step-f-lamp-{$step['step']}");
    $this->post($this->mat, ['done' => '1', ...$step]);
    expect(cutSoFar($this))->toBe($step['pieces'])->and(CutStepDone::query()->count())->toBe(1);
    $this->get($this->mat)->assertSeeText('Cut: undo')->assertSeeText('Put what these steps left on my list');
    $this->post($this->mat, ['done' => '0', ...$step]);
    $this->post($this->mat, ['done' => '0', ...$step]);
    expect(cutSoFar($this))->toBe(0)->and(CutStepDone::query()->count())->toBe(0);
});

it('counts no piece at the mat that was counted by hand', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '40']);
    $step = stepsAtTheMat($this, 'f-lamp')[0];
    $planned = app(MemberCutting::class)->of($this->project->fresh(), 1)[0];
    $all = 0;
    foreach ($planned->cutting->slots['f-lamp']->need->uses as $uses) {
        foreach ($uses as $use) {
            $this->tap($this->project, ['task' => $use->task, 'counter' => $use->counter, 'amount' => $use->count])->assertOk();
            $all += $use->count;
        }
    }
    $this->post($this->mat, ['done' => '1', ...$step])->assertSessionHasNoErrors();
    expect(cutSoFar($this))->toBe($all);
});

it('shows steps as done whose pieces are all counted in the clue, with cloth and without', function (bool $hasCloth): void {
    if ($hasCloth) {
        have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '40']);
    }
    $count = fn (): string => preg_match('/(\d+) of \d+ steps cut/', textOf($this->get($this->mat)), $found) === 1 ? $found[1] : 'none';
    $uses = array_merge(...array_values(app(MemberCutting::class)->of($this->project->fresh(), 1)[0]->cutting->slots['f-lamp']->need->uses));
    $steps = stepsAtTheMat($this, 'f-lamp');
    expect($count())->toBe('0');
    foreach ($uses as $use) {
        $this->tap($this->project, ['task' => $use->task, 'counter' => $use->counter, 'amount' => $use->count - 1])->assertOk();
    }
    app()->forgetScopedInstances();
    $mostly = $count();
    foreach ($uses as $use) {
        $this->tap($this->project, ['task' => $use->task, 'counter' => $use->counter, 'kind' => 'all'])->assertOk();
    }
    app()->forgetScopedInstances();
    expect((int) $mostly)->toBeLessThan(count($steps))->and($count())->toBe((string) count($steps));
    $html = (string) $this->get($this->mat)->getContent();
    expect(substr_count($html, 'mat-counted'))->toBe(count($steps))->and(substr_count($html, 'mat-step is-done'))->toBe(count($steps));
    // Nothing is counted for them, so there is nothing to take back.
    expect($html)->not->toContain('name="done" value="0"')->and(cutSoFar($this))->toBe(array_sum(array_column($uses, 'count')));
})->with([true, false]);

it('shows the plan of the mat on the page of the clue, from a bolt and from the cloth there is', function (): void {
    $planned = fn (string $slot): array => app(MemberCutting::class)->of(Project::query()->findOrFail($this->project->id), 1)[0]
        ->cutting->slots[$slot]->plan->cuts;
    $named = function (string $slot): int {
        $page = (string) $this->get("/q/{$this->project->id}/clues/1")->assertOk()->getContent();
        preg_match('/id="fabric-'.$slot.'".*?<div class="cut-plan">(.*?)<\/div>/s', $page, $plan);
        preg_match_all('/(\d+) strips? 3⅞/u', $plan[1] ?? '', $strips);
        preg_match_all('/(\d+) of these/u', $plan[1] ?? '', $alike);

        return array_sum(array_map(intval(...), $strips[1])) * (int) ($alike[1][0] ?? 1);
    };
    $strips = fn (array $cuts): int => array_sum(array_map(fn ($cut): int => count($cut->sheets[0]->strips), $cuts));

    expect($named('f-lamp'))->toBe($strips($planned('f-lamp')))->toBeGreaterThan(1);

    have($this, 'f-lamp', ['kind' => 'fat-quarter', 'count' => '2']);
    expect($planned('f-lamp'))->toHaveCount(2)->and($named('f-lamp'))->toBe($strips($planned('f-lamp')));
    $this->get("/q/{$this->project->id}/clues/1")->assertSeeText('2 of these, cut the same way')->assertSeeText('is not enough for everything here');

    // Cloth that holds nothing is named nowhere, and is not enough.
    Project::query()->findOrFail($this->project->id)->stock()->delete();
    have($this, 'f-lamp', ['kind' => 'scrap', 'length' => '2', 'width' => '2']);
    $this->get("/q/{$this->project->id}/clues/1")->assertSeeText('is not enough for everything here')->assertDontSeeText('Short:');
});

it('calls nothing short that is cut, by the plan or by hand', function (): void {
    have($this, 'f-lamp', ['kind' => 'scrap', 'width' => '12', 'length' => '10', 'corner_width' => '3', 'corner_length' => '4']);
    $short = fn (): array => app(MemberCutting::class)->of(Project::query()->findOrFail($this->project->id), 1)[0]->cutting->slots['f-lamp']->short();
    $steps = stepsAtTheMat($this, 'f-lamp');
    $before = $short();
    foreach ($steps as $step) {
        $this->post($this->mat, ['done' => '1', ...$step])->assertSessionHasNoErrors();
    }
    // What the plan could not cut is still short, on both pages by the same number.
    app()->forgetScopedInstances();
    $left = array_sum($before);
    expect($short())->toBe($before);
    foreach ([$this->page, $this->mat] as $page) {
        expect(textOf($this->get($page)))->toMatch("/Short: [^.]*\\b$left /");
    }
    $need = app(MemberCutting::class)->of($this->project->fresh(), 1)[0]->cutting->slots['f-lamp']->need;
    $use = array_values($need->uses)[0][0];
    $this->tap($this->project, ['task' => $use->task, 'counter' => $use->counter, 'amount' => 3]);
    app()->forgetScopedInstances();
    expect(array_sum($short()))->toBe($left - 3);
    foreach ($need->uses as $uses) {
        foreach ($uses as $use) {
            $this->tap($this->project, ['task' => $use->task, 'counter' => $use->counter, 'kind' => 'all'])->assertOk();
        }
    }
    app()->forgetScopedInstances();
    expect($short())->toBe([]);
    foreach ([$this->page, $this->mat] as $page) {
        expect(textOf($this->get($page)))->not->toMatch('/Short: /');
    }
});

it('squares a scrap before it cuts from it, and shows which corner is missing, for either hand', function (): void {
    have($this, 'f-lamp', ['kind' => 'scrap', 'width' => '12', 'length' => '10', 'corner_width' => '3', 'corner_length' => '4']);
    $cloth = fn (): Dew\Core\Cutting\StockPiece => app(MemberCutting::class)->of(Project::query()->findOrFail($this->project->id), 1)[0]
        ->cutting->slots['f-lamp']->plan->cuts[0]->stock;
    $inches = fn (int $marks): float => $marks * (new Dew\Core\Cutting\Marks(Dew\Core\Measure\Notation::Fractions))->length(1)->toFloat();
    expect([$inches($cloth()->width), $inches($cloth()->length)])->toBe([12.0, 9.5]);
    $drawn = function (): array {
        $page = (string) $this->get($this->mat)->assertOk()->getContent();
        preg_match_all('/<path class="cloth" d="M0 0L([^"]*)Z"|<path class="cloth" d="M([^"h]*)Z"/', $page, $found);

        return array_values(array_filter([...$found[1], ...$found[2]], fn (string $path): bool => substr_count($path, 'L') >= 4));
    };
    // 3 in of the far end are missing on the right: 12 − 3 = 9 wide there, from 9½ − 4 = 5½ on.
    expect(textOf($this->get($this->mat)))->toContain('A scrap of 12 in by 9½ in, its missing corner (3 in across, 4 in along) at the lower right');
    $right = $drawn();
    expect($right)->toHaveCount(1);
    $this->put("/q/{$this->project->id}/cutting", ['aim' => 'cloth', 'hand' => 'left'])->assertSessionHasNoErrors();
    expect(textOf($this->get($this->mat)))->toContain('at the lower left')->and($drawn())->toHaveCount(1)->not->toBe($right);
    // One whose edge is straight already loses nothing.
    $row = StockRow::query()->sole();
    $this->put("$this->page/f-lamp/stock/$row->id", [
        'kind' => 'scrap', 'width' => '12', 'length' => '10', 'count' => '1', 'squared' => '1',
    ])->assertSessionHasNoErrors();
    expect($inches($cloth()->length))->toBe(10.0);
});

it('takes cloth in the unit that it is sold in', function (): void {
    foreach (['1.5 m', '1,5 m', '150 cm', '1500 mm', '1 1/2 yd', '1½ yd'] as $length) {
        have($this, 'f-lamp', ['kind' => 'yardage', 'length' => $length]);
    }
    expect(StockRow::query()->orderBy('id')->get()->map(fn (StockRow $row): string => (string) $row->length?->encode())->countBy()->all())
        ->toBe(['7500/127' => 4, '54' => 2]);
});

it('refuses a step of a plan that has changed meanwhile, and of fabrics and steps that are not there', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '40']);
    [$step] = stepsAtTheMat($this, 'f-lamp');
    $row = StockRow::query()->sole();
    $this->put("$this->page/f-lamp/stock/$row->id", ['stock' => $row->id, 'kind' => 'yardage', 'length' => '39', 'count' => '1']);
    foreach ([[], ['slot' => 'f-nothing'], ['step' => '9-9-9'], ['plan' => '0123456789abcdef']] as $other) {
        $this->post($this->mat, ['done' => '1', ...$step, ...$other])->assertSessionHasErrors('step');
    }
    expect(cutSoFar($this))->toBe(0);
});

it('writes down what is left once it is cut, and plans the rest from it', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '40 1/2']);
    $steps = stepsAtTheMat($this, 'f-lamp');
    $height = app(MemberCutting::class)->of($this->project->fresh(), 1)[0]->cutting->slots['f-lamp']->plan->cuts[0]->sheets[0]->used();
    foreach ($steps as $step) {
        $this->post($this->mat, ['done' => '1', ...$step])->assertSessionHasNoErrors();
    }
    $this->post("$this->page/f-lamp/left")->assertRedirect("$this->page#fabric-f-lamp");
    $left = StockRow::query()->whereNull('gone_at')->where('kind', 'yardage')->sole();
    expect($left->length?->toFloat())->toBe(40.0 - $height / 16)->and($left->squared)->toBeTrue()->and($left->left_by)->toBe('k-casting-off')
        ->and(stepsAtTheMat($this, 'f-lamp'))->toBe([]);
    // What is counted back is cut again, from what is left.
    $row = Progress::query()->where('counter', 'like', 'cut:%')->where('done', '>', 0)->firstOrFail();
    $this->tap($this->project, ['task' => $row->task_key, 'counter' => $row->counter, 'amount' => -2])->assertOk();
    app()->forgetScopedInstances();
    expect(array_sum(array_column(stepsAtTheMat($this, 'f-lamp'), 'pieces')))->toBe(2);
});

it('takes what is cut so far off the cloth before the cloth is changed', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '40 1/2']);
    $steps = stepsAtTheMat($this, 'f-lamp');
    $all = array_sum(array_column($steps, 'pieces'));
    $this->post($this->mat, ['done' => '1', ...$steps[0]]);
    $first = app(MemberCutting::class)->of($this->project->fresh(), 1)[0]->cutting->slots['f-lamp']->plan;
    $taken = CutStep::of($first)[0]->count * CutStep::of($first)[0]->strip->height;
    have($this, 'f-lamp', ['kind' => 'fat-quarter']);
    $left = StockRow::query()->whereNull('gone_at')->where('kind', 'yardage')->sole();
    expect($left->length?->toFloat())->toBe(40.0 - $taken / 16)
        ->and(array_sum(array_column(stepsAtTheMat($this, 'f-lamp'), 'pieces')))->toBe($all - $steps[0]['pieces'])
        ->and(cutSoFar($this))->toBe($steps[0]['pieces']);
});

it('plans without the last fat quarter once it is taken off, says so, and puts it back', function (): void {
    have($this, 'f-signal', ['kind' => 'fat-quarter', 'count' => '2']);
    $row = StockRow::query()->sole();
    expect(textOf($this->get($this->page)))->toContain('Left then: 20 in by');
    $this->followingRedirects()->delete("$this->page/f-signal/stock/$row->id")
        ->assertSeeText('The plan was cutting from it and no longer uses it')->assertSeeText('Put it back')
        ->assertSeeText('All that you had is cut.')->assertSeeText('Short:');
    $this->followingRedirects()->post("$this->page/f-signal/stock/$row->id/back")->assertSeeText('It is on the list again.');
    expect(textOf($this->get($this->page)))->toContain('Left then: 20 in by');
});

it('brings nothing back that was cut up', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '40 1/2']);
    $row = StockRow::query()->sole();
    $this->post($this->mat, ['done' => '1', ...stepsAtTheMat($this, 'f-lamp')[0]]);
    $this->post("$this->page/f-lamp/left");
    $this->post("$this->page/f-lamp/stock/$row->id/back");
    expect($row->fresh()?->gone_at)->not->toBeNull();
});

it('leaves cloth out of the plan that has become narrower than the corner it misses', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '40', 'corner_width' => '39', 'corner_length' => '3']);
    $this->project->update(['usable_width' => Dew\Core\Measure\Length::inches(36)]);
    foreach ([$this->page, $this->mat, "$this->page/f-lamp/fits", "/q/{$this->project->id}/print/chart.pdf"] as $page) {
        $this->get($page)->assertOk();
    }
    $this->get($this->page)->assertSeeText('Short:');
});

it('changes cloth in place', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '5']);
    $row = StockRow::query()->sole();
    $this->put("$this->page/f-lamp/stock/$row->id", ['stock' => $row->id, 'kind' => 'yardage', 'length' => '60', 'count' => '1'])
        ->assertSessionHasNoErrors();
    expect($row->fresh()?->length?->toFloat())->toBe(60.0);
    expect(textOf($this->get($this->page)))->toContain('Left then: 40 in by');
});

it('knows no cloth of somebody else, nor the mat of a clue to come', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '5']);
    $row = StockRow::query()->sole();
    $this->get("/q/{$this->project->id}/clues/2/mat")->assertNotFound();
    $other = $this->project($this->quilt);
    $this->actingAs($other->user);
    foreach ([['get', '/fabrics'], ['get', '/clues/1/mat'], ['delete', "/fabrics/f-lamp/stock/$row->id"]] as [$method, $address]) {
        $this->{$method}("/q/{$this->project->id}$address")->assertNotFound();
    }
    $this->delete("/q/$other->id/fabrics/f-lamp/stock/$row->id")->assertNotFound();
    expect($row->fresh()?->gone_at)->toBeNull();
});

it('cuts with a margin for a placed print, and upright from cloth whose print runs one way', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '60', 'directional' => '1']);
    $slot = fn () => app(MemberCutting::class)->of($this->project->fresh(), 1)[0]->cutting->slots['f-lamp'];
    $need = fn (): array => $slot()->need->wanted;
    $height = $need()[0]->height;
    $this->put("$this->page/f-lamp/rules", ['margin' => '1/2'])->assertSessionHasNoErrors();
    expect($need()[0]->height)->toBe($height + 16)->and($need()[0]->turns)->toBeFalse();
    // Other cloth of the same fabric may be turned: the direction is the cloth's own.
    have($this, 'f-lamp', ['kind' => 'fat-quarter', 'name' => 'plain']);
    $directions = array_column(array_map(fn ($piece): array => [$piece->fabric, $piece->directional], [
        ...array_map(fn ($cut) => $cut->stock, $slot()->plan->cuts), ...$slot()->plan->untouched,
    ]), 1, 0);
    ksort($directions);
    expect($directions)->toBe(['' => true, 'plain' => false])->and($need()[0]->turns)->toBeTrue();
    expect(textOf($this->get($this->page)))->toContain('one-way print');
    expect(textOf($this->get($this->mat)))->toContain('Each piece has a margin of ½ in around it');
    $this->from($this->page)->followingRedirects()->put("$this->page/f-lamp/rules", ['margin' => '9'])
        ->assertSeeText('Write a margin of up to 4')->assertSee('value="9"', false);
});

it('takes pieces from several fabrics of one slot', function (): void {
    foreach (['plaid', 'dots'] as $name) {
        have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '30', 'name' => $name]);
    }
    $this->put("$this->page/f-lamp/rules", ['variety' => '0'])->assertSessionHasErrorsIn('stock-f-lamp', ['variety']);
    $this->put("$this->page/f-lamp/rules", ['variety' => '2'])->assertSessionHasNoErrors();
    $page = $this->get($this->mat);
    expect(textOf($page))->toContain(', plaid', ', dots')->not->toContain('Short:');
});

it('turns the drawings for the left hand, and plans for fewer cuts', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '60']);
    $right = (string) $this->get($this->mat)->getContent();
    $this->put("/q/{$this->project->id}/cutting", ['aim' => 'cuts', 'hand' => 'left', 'from' => '1'])->assertRedirect($this->mat);
    expect((string) $this->get($this->mat)->getContent())->not->toBe($right)
        ->and($this->project->fresh())->left_handed->toBeTrue()->aim->value->toBe('cuts');
    $this->put("/q/{$this->project->id}/cutting", ['aim' => 'luck', 'hand' => 'left'])->assertSessionHasErrors('aim');
});

it('offers strip sets across fat quarters before anything is cut, and not after', function (): void {
    foreach (['f-river', 'f-mist'] as $slot) {
        have($this, $slot, ['kind' => 'fat-quarter', 'count' => '6']);
    }
    $mat = $this->mat;
    expect(textOf($this->get($mat)))->toContain('strip sets across 20 in suit the cloth you have better than across 40 in');
    $this->put("$mat/width", ['width' => '31'])->assertSessionHasErrors('width');
    $this->put("$mat/width", ['width' => '20'])->assertRedirect($mat)->assertSessionHasNoErrors();
    expect(textOf($this->get($mat)))->toContain('Strip sets are made across 20 in, as you chose.')->not->toContain('Short:');
    $this->project->update(['set_widths' => []]);
    $planned = app(MemberCutting::class)->of($this->project->fresh(), 1)[0];
    $use = array_values($planned->cutting->slots['f-mist']->need->uses)[0][0];
    $this->tap($this->project, ['task' => $use->task, 'counter' => $use->counter, 'amount' => 1])->assertOk();
    $this->get($mat)->assertDontSeeText('suit the cloth you have better');
});

it('names what would make short cloth enough', function (): void {
    foreach (['f-river', 'f-mist'] as $slot) {
        have($this, $slot, ['kind' => 'fat-quarter', 'count' => '6']);
    }
    expect(textOf($this->get("$this->page/f-mist/fits")->assertOk()))
        ->toContain('It would be enough if strip sets of “Casting off” were made across 20 in.');
    have($this, 'f-signal', ['kind' => 'scrap', 'width' => '1', 'length' => '1 1/2']);
    $this->get("$this->page/f-signal/fits")->assertSeeText('Nothing that Dew can change makes it enough');
    have($this, 'f-deep', ['kind' => 'yardage', 'length' => '90']);
    $this->get("$this->page/f-deep/fits")->assertSeeText('What you have is enough already.');
    $this->get("$this->page/f-none/fits")->assertNotFound();
});

it('rounds what it says of the whole quilt for a mystery, and tells nothing of clues to come', function (): void {
    $page = (string) $this->get($this->page)->getContent();
    preg_match_all('/([0-9¼½¾⅛⅜⅝⅞]+)\x{a0}yd<\/dd>/u', $page, $sold);
    expect($sold[1])->toHaveCount(5);
    foreach ($sold[1] as $number) {
        expect($number)->not->toMatch('/[⅛⅜⅝⅞]/u');
    }
    $this->quilt->update(['secret' => false]);
    $other = (string) $this->get($this->page)->getContent();
    preg_match_all('/([0-9¼½¾⅛⅜⅝⅞]+)\x{a0}yd<\/dd>/u', $other, $open);
    expect($open[1])->not->toBe($sold[1]);
});

it('answers the chart in twelve queries, warm and cold, and works the plan out once per change', function (): void {
    have($this, 'f-lamp', ['kind' => 'yardage', 'length' => '60']);
    config(['cache.default' => 'database']);
    $counts = [];
    foreach (['cold', 'warm'] as $how) {
        $this->app->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->actingAs($this->project->user->fresh())->get($this->page)->assertOk();
        $counts[$how] = array_column(DB::getQueryLog(), 'query');
        DB::disableQueryLog();
    }
    expect(count($counts['warm']))->toBeLessThanOrEqual(12, implode("\n", $counts['warm']));
    expect(count($counts['cold']))->toBeLessThanOrEqual(15, implode("\n", $counts['cold']));
});

it('saves her list of cloth as a file, reads one, and refuses cloth that is on the list already', function (string $format): void {
    have($this, 'f-deep', ['kind' => 'scrap', 'width' => '12 1/2', 'length' => '9', 'corner_width' => '2', 'corner_length' => '3', 'name' => 'Old sheet']);
    have($this, 'f-lamp', ['kind' => 'fat-quarter', 'count' => '3']);
    $text = (string) $this->get("/q/{$this->project->id}/cloth.$format")->assertOk()->getContent();
    $send = fn (string $text) => $this->post("/q/{$this->project->id}/cloth", [
        'file' => UploadedFile::fake()->createWithContent("cloth.$format", $text),
    ]);
    $send($text)->assertSessionHasErrors('file');
    expect((string) session('errors')->first('file'))->toContain('is on your list already');
    StockRow::query()->update(['gone_at' => now()]);
    $send($text)->assertSessionHas('status', '2 entries were added.');
    expect(StockRow::query()->whereNull('gone_at')->where('slot_key', 'f-deep')->sole())->width->toFloat()->toBe(12.5)
        ->corner_length->toFloat()->toBe(3.0)->name->toBe('Old sheet')
        ->and(StockRow::query()->whereNull('gone_at')->where('slot_key', 'f-lamp')->sole())->count->toBe(3);
    $send('{"dew": "stock/1", "stock": [{"id": "a", "slot": "f-none", "kind": "rug"}]}')->assertSessionHasErrors('file');
    $send('kind,colour')->assertSessionHasErrors('file');
    expect((string) session('errors')->first('file'))->toContain('has a column "colour"', 'nothing was added');
    expect(StockRow::query()->whereNull('gone_at')->count())->toBe(2);
})->with(['json', 'csv']);

it('gives each piece of cloth the direction that was said of its fabric before', function (): void {
    have($this, 'f-lamp', ['kind' => 'fat-quarter']);
    have($this, 'f-deep', ['kind' => 'fat-quarter']);
    DB::table('projects')->where('id', $this->project->id)->update(['cloth' => '{"f-lamp": {"directional": true, "margin": "1/2"}, "f-deep": {"variety": 2}}']);
    $migration = require database_path('migrations/2026_12_02_000002_let_each_piece_of_cloth_have_a_direction.php');
    $migration->down();
    $migration->up();
    expect(StockRow::query()->orderBy('slot_key')->pluck('directional', 'slot_key')->all())->toBe(['f-deep' => false, 'f-lamp' => true])
        ->and($this->project->fresh()->clothRules('f-lamp')->margin?->toDecimal(3))->toBe('0.500');
});

it('keeps what was said of a fabric before any of its cloth is listed, and goes by the cloth after that', function (): void {
    DB::table('projects')->where('id', $this->project->id)->update(['cloth' => '{"f-lamp": {"directional": true}}']);
    expect($this->project->fresh()->oneWayFabrics())->toBe(['f-lamp']);
    $this->put("$this->page/f-lamp/rules", ['margin' => '1/2'])->assertSessionHasNoErrors();
    expect($this->project->fresh()->oneWayFabrics())->toBe(['f-lamp'])
        ->and($this->project->fresh()->clothRules('f-lamp')->margin?->toDecimal(3))->toBe('0.500');
    have($this, 'f-lamp', ['kind' => 'fat-quarter']);
    have($this, 'f-deep', ['kind' => 'fat-quarter', 'directional' => '1']);
    expect($this->project->fresh()->oneWayFabrics())->toBe(['f-deep']);
});
