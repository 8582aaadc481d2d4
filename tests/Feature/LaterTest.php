<?php

declare(strict_types=1);

use App\Actions\Host\PublishDesign;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use App\Plans\ReleasedSheets;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

beforeEach(function (): void {
    /** @var array<string, mixed> $document */
    $document = json_decode(TestCase::document(), true);
    $document['later'] = ['size' => true, 'fabrics' => [$document['fabrics'][0]['id']]];
    $this->quilt = QuiltAlong::factory()->create();
    app(PublishDesign::class)($this->quilt, (string) json_encode($document));
    $this->quilt->invitations()->create(['code' => 'LATERSIZ']);
    $this->release($this->quilt);
});

/** A quilt that was begun without a size. */
function begunWithoutSize(TestCase $test): Project
{
    $test->actingAs(User::factory()->create())->post('/join/LATERSIZ', ['size' => 'later', 'colourway' => 'c-last-boat'])->assertRedirect();

    return Project::query()->firstOrFail();
}

it('lets members join without a size where the design allows it, and says which clue needs it', function (): void {
    $this->actingAs(User::factory()->create())->get('/join/LATERSIZ')->assertSeeText('Decide later')->assertSeeText(
        'Clue 1 is the first that needs your size.',
    );
    expect(begunWithoutSize($this)->size_later)->toBeTrue();
});

it('does not let members join without a size where the design does not allow it', function (): void {
    $strict = $this->quiltAlong();
    $code = $strict->invitations()->firstOrFail()->code;
    $this->actingAs(User::factory()->create())->get("/join/$code")->assertDontSeeText('Decide later');
    $this->post("/join/$code", ['size' => 'later', 'colourway' => 'c-last-boat'])->assertSessionHasErrors(['size']);
});

it('shows no number of a clue that needs a size before one is chosen, and all of them after', function (): void {
    $project = begunWithoutSize($this);
    $this->get("/q/{$project->id}/clues/1")->assertOk()->assertSeeText('Choose your size')->assertDontSeeText('Make 40');
    $this->get("/q/{$project->id}")->assertSeeText('You have not chosen a size yet.');
    $this->get("/q/{$project->id}/fabrics")->assertOk();
    $this->get("/q/{$project->id}/bench")->assertOk();
    $this->tap($project, ['amount' => 1])->assertNotFound();
    expect(app(ReleasedSheets::class)->plan($project)->clues)->toBe([]);

    $this->from("/q/{$project->id}/clues/1")->patch(
        "/q/{$project->id}/size",
        ['size' => 's-king'],
    )->assertSessionHasErrors(['size' => __('join.unknown_size')]);
    $this->patch("/q/{$project->id}/size", ['size' => 's-crib'])->assertRedirect("/q/{$project->id}/clues");
    $this->get("/q/{$project->id}/clues/1")->assertSeeText('Make 40')->assertDontSeeText('Choose your size');
    $this->tap($project->fresh(), ['amount' => 1])->assertOk()->assertJsonPath('total', 40);
});

it('keeps a size open or closes it in the settings of the quilt', function (): void {
    $project = begunWithoutSize($this);
    $settings = ['name' => 'Mine', 'colourway_key' => 'c-last-boat', 'notation' => 'in', 'usable_width' => ''];
    $this->get("/q/{$project->id}/quilt")->assertSee('value="later" selected', false);
    $this->patch("/q/{$project->id}/quilt", [...$settings, 'size_key' => 'later'])->assertSessionHasNoErrors();
    expect($project->fresh()->size_later)->toBeTrue();
    $this->patch("/q/{$project->id}/quilt", [...$settings, 'size_key' => 's-queen'])->assertSessionHasNoErrors();
    expect($project->fresh())->size_later->toBeFalse()->size_key->toBe('s-queen');
    // Clue 1 needs the size and is open: it cannot be left open again.
    $this->get("/q/{$project->id}/quilt")->assertDontSee('value="later"', false);
    $this->patch("/q/{$project->id}/quilt", [...$settings, 'size_key' => 'later'])->assertSessionHasErrors(['size_key']);
});

it('lets nobody choose the size of somebody else\'s quilt', function (): void {
    $project = begunWithoutSize($this);
    $this->actingAs(User::factory()->create())->patch("/q/{$project->id}/size", ['size' => 's-crib'])->assertNotFound();
    expect($project->fresh()->size_later)->toBeTrue();
});

it('says of a fabric that may be chosen later which clue cuts from it first', function (): void {
    $project = begunWithoutSize($this);
    $this->get("/q/{$project->id}/fabrics")->assertSeeText('You may choose this fabric later: clue 1 is the first that cuts from it.');
});

it('asks for the cloth of a fabric left open where a clue cuts from it, until she has chosen one', function (): void {
    $slot = json_decode(TestCase::document(), true)['fabrics'][0]['id'];
    $project = begunWithoutSize($this);
    $this->patch("/q/{$project->id}/size", ['size' => 's-crib']);
    $this->get("/q/{$project->id}/clues/1")->assertSeeText('You have not chosen your cloth for this fabric yet')
        ->assertSee("/q/{$project->id}/fabrics#fabric-$slot", false);
    $this->put("/q/{$project->id}/fabrics/$slot", ['cloth' => 'Barn sale plaid', 'colour' => '#123456'])->assertSessionHasNoErrors();
    $this->get("/q/{$project->id}/clues/1")->assertDontSeeText('You have not chosen your cloth')->assertSeeText('your Barn sale plaid');
    $this->get("/q/{$project->id}/fabrics")->assertDontSeeText('You may choose this fabric later');
});

it('shows the host which quilts have no size yet', function (): void {
    begunWithoutSize($this);
    $this->actingAs($this->person($this->quilt, Role::Owner))->get("/host/{$this->quilt->slug}/people")->assertSeeText('Decide later');
});

it('asks once which clue needs the size, however many clues are open', function (): void {
    $project = begunWithoutSize($this)->load('quiltAlong', 'methodChoices');
    $count = function () use ($project): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        app(ReleasedSheets::class)->plan($project);

        return count(DB::getQueryLog());
    };
    $one = $count();
    foreach (range(2, 8) as $number) {
        $this->release($this->quilt, $number);
    }
    expect($count())->toBe($one);
});
