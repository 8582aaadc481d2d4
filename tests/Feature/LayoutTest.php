<?php

declare(strict_types=1);

use App\Actions\Host\PublishDesign;
use App\Models\ArrangementRow;
use App\Models\AssembledPart;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\Role;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->project = $this->project($this->quilt);
    $this->bench = "/q/{$this->project->id}/bench";
    $this->actingAs($this->project->user);
});

/** Opens clues up to one, by its number. */
function openTo(QuiltAlong $quilt, int $number): void
{
    $quilt->clues()->where('number', '<=', $number)->update(['release_at' => now()->subHour()]);
}

/** @param  array<string, mixed>  $asked */
function arrange(Tests\TestCase $test, Project $project, array $asked): Illuminate\Testing\TestResponse
{
    return $test->postJson("/q/{$project->id}/bench/layout", $asked);
}

it('stays closed until the clue that makes the last block is open, borders until theirs are', function (): void {
    $last = $this->quilt->clues()->where('key', 'k-engine-room')->sole()->number;
    openTo($this->quilt, $last - 1);
    foreach (['layout', 'assembly'] as $page) {
        $this->get("$this->bench/$page")->assertOk()->assertSee(__('layout.closed', ['clue' => 'clue']))->assertDontSee('Propeller');
    }
    foreach (['layout.pdf', 'assembly.pdf'] as $print) {
        $this->get("$this->bench/$print")->assertNotFound();
    }
    arrange($this, $this->project, ['do' => 'swap', 'first' => 0, 'second' => 1])->assertNotFound();
    $this->post("$this->bench/assembly", ['part' => 'rows:row-1', 'sewn' => 1])->assertNotFound();

    openTo($this->quilt, $last);
    $this->get("$this->bench/layout")->assertOk()->assertSee('Slow Propeller');
    $this->get("$this->bench/assembly")->assertOk()->assertSee('Row 5')->assertDontSee('Quay border');
    openTo($this->quilt, 99);
    $this->get("$this->bench/assembly")->assertSee('Quay border')->assertSee('Night border');
});

it('swaps and turns, keeps several arrangements, and says what to look at again', function (): void {
    openTo($this->quilt, 99);
    $html = arrange($this, $this->project, ['do' => 'swap', 'first' => 0, 'second' => 1])->assertOk()->json('html');
    expect($html)->toContain('two of Pier Lantern side by side');
    $row = ArrangementRow::query()->sole();
    expect($row->chosen)->toBeTrue()->and(array_slice($row->places, 0, 2))->toBe(['b-propeller', 'b-lantern']);
    // The joining follows the arrangement she works by.
    $this->get("$this->bench/assembly")->assertSee('A1 Slow Propeller, A2 Pier Lantern');

    // Another device that has not seen this cannot undo it.
    arrange($this, $this->project, ['do' => 'turn', 'first' => 2, 'arrangement' => $row->id, 'revision' => 0])->assertStatus(422)
        ->assertJsonPath('errors.layout.0', __('layout.wrong.meanwhile'));
    arrange($this, $this->project, ['do' => 'turn', 'first' => 2, 'arrangement' => $row->id, 'revision' => $row->revision])->assertOk();
    expect($row->refresh()->places[2])->toBe('b-lantern*1');
    $this->post("$this->bench/layout", ['do' => 'keep', 'arrangement' => $row->id, 'name' => 'With a twist'])->assertRedirect();
    $kept = ArrangementRow::query()->where('name', 'With a twist')->sole();
    expect($kept->chosen)->toBeTrue()->and($row->refresh()->chosen)->toBeFalse()->and($kept->places)->toBe($row->places);
    $this->post("$this->bench/layout", ['do' => 'choose', 'arrangement' => 0])->assertRedirect();
    $this->get("$this->bench/layout")->assertSee('With a twist')->assertSeeText(__('layout.nothing'));
    $this->post("$this->bench/layout", ['do' => 'forget', 'arrangement' => $kept->id])->assertRedirect();
    expect(ArrangementRow::query()->count())->toBe(1);
    // Somebody else's is not there.
    $other = $this->project($this->quilt);
    $this->actingAs($other->user)->post("/q/{$other->id}/bench/layout", ['do' => 'choose', 'arrangement' => $row->id])
        ->assertSessionHasErrors('layout');
});

it('refuses what the layout does not have, in words', function (array $asked, string $says): void {
    openTo($this->quilt, 99);
    arrange($this, $this->project, $asked)->assertStatus(422)->assertJsonFragment([$says]);
    expect(ArrangementRow::query()->count())->toBe(0);
})->with([
    [['do' => 'swap', 'first' => 0, 'second' => 999], fn () => __('layout.wrong.no_place')],
    [['do' => 'turn', 'first' => 500], fn () => __('layout.wrong.no_place')],
    [['do' => 'dance'], fn () => __('layout.wrong.asked')],
    [['do' => 'choose', 'arrangement' => 77], fn () => __('layout.wrong.gone')],
]);

it('leaves blocks where the design says that they stay', function (): void {
    $document = array_replace_recursive(json_decode(self::document(), true), ['setting' => ['arrange' => 'as-laid']]);
    app(PublishDesign::class)($this->quilt, (string) json_encode($document));
    openTo($this->quilt, 99);
    $this->get("$this->bench/layout")->assertOk()->assertDontSee('role="button"', false);
    arrange($this, $this->project, ['do' => 'swap', 'first' => 0, 'second' => 1])->assertStatus(422)
        ->assertJsonFragment([__('layout.wrong.fixed')]);
});

it('marks every part as sewn once, and takes it back', function (): void {
    openTo($this->quilt, 99);
    $mark = fn (string $part, int $sewn) => $this->post("$this->bench/assembly", ['part' => $part, 'sewn' => $sewn]);
    $mark('rows:row-2', 1)->assertSessionHasNoErrors();
    $mark('rows:row-2', 1)->assertSessionHasErrors(['part' => __('assembly.wrong.sewn_already')]);
    expect(AssembledPart::query()->count())->toBe(1);
    $this->get("$this->bench/assembly")->assertSee('1 of 10 sewn');
    $this->actingAs($this->person($this->quilt, Role::Owner))->get("/host/{$this->quilt->slug}/people")->assertSee('1 of 10');
    $this->actingAs($this->project->user);
    $mark('rows:row-99', 1)->assertSessionHasErrors(['part' => __('assembly.wrong.no_part')]);
    $mark('rows:row-3', 0)->assertSessionHasErrors(['part' => __('assembly.wrong.not_sewn')]);
    $mark('rows:row-2', 0)->assertSessionHasNoErrors();
    expect(AssembledPart::query()->count())->toBe(0);
    $this->post("$this->bench/assembly", ['method' => 'webbing'])->assertSessionHasNoErrors();
    $this->get("$this->bench/assembly")->assertSee('Long seam 4')->assertSee('Column 5');
    $this->post("$this->bench/assembly", ['method' => 'jumping'])->assertSessionHasErrors();
});

it('prints the layout and labels for the rows', function (): void {
    openTo($this->quilt, 99);
    foreach (['layout.pdf', 'assembly.pdf'] as $print) {
        expect(substr((string) $this->get("$this->bench/$print")->assertOk()->getContent(), 0, 5))->toBe('%PDF-');
    }
});

it('opens layout and joining in a dozen queries', function (): void {
    openTo($this->quilt, 99);
    foreach (['layout', 'assembly', ''] as $page) {
        $this->get("$this->bench/$page")->assertOk();
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->get("$this->bench/$page")->assertOk();
        expect(count(DB::getQueryLog()))->toBeLessThanOrEqual(12, $page);
    }
});
