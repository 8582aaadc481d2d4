<?php

declare(strict_types=1);

use App\Models\ClueProgress;
use App\Models\Post;
use App\Models\Progress;
use App\Models\Project;
use App\Models\Role;
use App\Models\Tap;
use App\Models\User;
use App\Plans\Unreleased\SheetMissed;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Str;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->code = $this->quilt->invitations()->firstOrFail()->code;
});

it('joins by a code, however it is typed, and picks up where sign-in left off', function (): void {
    $this->post(
        '/join',
        ['code' => ' '.Str::lower(substr($this->code, 0, 4)).'-'.substr($this->code, 4)],
    )->assertRedirect("/join/{$this->code}");
    $this->get("/join/{$this->code}")->assertOk()->assertSee('Night Ferry')->assertSee('Throw')->assertDontSee('Casting off');
    $this->post(
        '/register',
        ['name' => 'Mara', 'email' => 'mara@rivers.example', 'password' => 'ten-letters', 'password_confirmation' => 'ten-letters'],
    )->assertRedirect('/register/sent');
    preg_match('~http://\S+~', Post::query()->addressedTo('mara@rivers.example')->firstOrFail()->text, $link);
    $this->get($link[0])->assertRedirect("/join/{$this->code}");
    $this->post("/join/{$this->code}", ['size' => 's-throw', 'colourway' => 'c-first-boat'])->assertRedirect();
    $project = Project::query()->firstOrFail();
    expect($project->size_key)->toBe('s-throw')
        ->and($project->name)->toBe('My Night Ferry')
        ->and($project->user->roleIn($this->quilt))->toBe(Role::Member);
});

it('refuses a size that does not exist and keeps what was chosen', function (): void {
    $this->actingAs(User::factory()->create());
    $this->from("/join/{$this->code}")->post(
        "/join/{$this->code}",
        ['size' => 's-king', 'colourway' => 'c-first-boat', 'name' => 'For Nan'],
    )->assertSessionHasErrors(['size' => __('join.unknown_size')]);
    $this->get("/join/{$this->code}")->assertSee('value="For Nan"', false)->assertSee(__('join.unknown_size'));
    expect(Project::query()->count())->toBe(0);
});

it('offers somebody already in a second quilt, and makes it only when she says so', function (): void {
    $project = $this->project($this->quilt);
    $this->actingAs($project->user)->get("/join/{$this->code}")->assertSee(__('join.already_title'))->assertSee(__('join.second'));
    $this->post(
        "/join/{$this->code}",
        ['size' => 's-crib', 'colourway' => 'c-last-boat'],
    )->assertSessionHasErrors(['second' => __('join.already_in')]);
    $this->post("/join/{$this->code}", ['size' => 's-crib', 'colourway' => 'c-last-boat', 'second' => '1'])->assertRedirect();
    expect($project->user->projects()->orderBy('name')->pluck('name')->all())->toBe(['Mine', 'My second Night Ferry'])
        ->and($project->user->memberships()->count())->toBe(1);
});

it('keeps an owner an owner when she joins her own quilt-along', function (): void {
    $owner = $this->person($this->quilt, Role::Owner);
    $this->actingAs($owner)->post("/join/{$this->code}", ['size' => 's-crib', 'colourway' => 'c-last-boat']);
    expect($owner->fresh()->roleIn($this->quilt))->toBe(Role::Owner);
});

it('shows the countdown before the hour and the clue after it', function (): void {
    $this->freezeSecond();
    $project = $this->project($this->quilt);
    $this->clue($this->quilt, 1)->forceFill(['release_at' => now()->addHour(), 'zone' => 'Europe/Dublin'])->save();
    $this->actingAs($project->user)->get("/q/{$project->id}")->assertOk()->assertSee(
        'data-opens="'.now()->addHour()->startOfSecond()->getTimestampMs(),
        false,
    )->assertSee('Dublin time')->assertDontSee('Casting off');
    $this->travel(61)->minutes();
    $this->get("/q/{$project->id}")->assertSee('Casting off')->assertSee('Begin clue 1');
    $this->get("/q/{$project->id}/clues")->assertRedirect("/q/{$project->id}/clues/1");
});

it('shows each size its own numbers and no other', function (string $size, array $own, array $others): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, $size);
    $page = $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertOk();
    foreach ($own as $text) {
        $page->assertSeeText($text);
    }
    foreach ($others as $text) {
        $page->assertDontSeeText($text);
    }
})->with([
    ['s-crib', ['Make 40', 'Make 16', 'Make 56', 'Crib'], ['Make 104', 'Make 48', 'Queen']],
    ['s-queen', ['Make 200', 'Make 96', 'Make 296', 'Queen'], ['Make 104', 'Make 40', 'Crib']],
]);

it('counts, and keeps the count', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, 's-crib');
    $this->tap($project, ['amount' => 3])->assertOk()->assertExactJson(['done' => 3, 'total' => 40, 'applied' => 3, 'message' => null]);
    $this->tap($project, ['amount' => -1])->assertJsonPath('done', 2);
    $this->tap($project, ['kind' => 'all'])->assertJsonPath('done', 40)->assertJsonPath('applied', 38);
    $this->tap($project, ['counter' => 'cut:hst:two:first', 'amount' => 20])->assertJsonPath('total', 20);
    $this->get("/q/{$project->id}/clues/1")->assertSee('<output>40</output>', false);
    expect(Tap::query()->count())->toBe(4);
});

it('counts without script by the buttons of a page, each button of it once', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, 's-crib');
    $page = "/q/{$project->id}/clues/1";
    $html = (string) $this->actingAs($project->user)->get($page)->getContent();
    preg_match('/name="id" value="([^"]*)"/', $html, $id);
    preg_match_all('/form="taps" name="tap" value="([^"]* t-beam sewn)"/', $html, $buttons);
    expect($buttons[1])->toBe(['-1 t-beam sewn', '1 t-beam sewn', '2 t-beam sewn', 'all t-beam sewn']);
    $press = fn (string $button) => $this->post("$page/taps", ['id' => $id[1], 'tap' => $button]);
    $press('2 t-beam sewn')->assertRedirect("$page#t-beam-sewn");
    $press('2 t-beam sewn')->assertRedirect("$page#t-beam-sewn");
    $press('-1 t-beam sewn');
    $press('1 t-beam cut:hst:two:first');
    expect(Progress::query()->where('counter', 'sewn')->sole()->done)->toBe(1)
        ->and(Progress::query()->where('counter', 'cut:hst:two:first')->sole()->done)->toBe(1);
    $press('all t-beam sewn');
    $press('9 t-beam sewn')->assertSessionHasErrors('t-beam-sewn');
    $this->followingRedirects()->from($page)->post("$page/taps", ['id' => Str::uuid(), 'tap' => '9 t-beam sewn'])
        ->assertSee('<output>40</output>', false)->assertSeeText('All 40 are counted already');
    foreach (['', 'nine', 'x t-beam sewn', '1', '1 t-beam', '99999 t-beam sewn'] as $nonsense) {
        expect($press($nonsense)->getStatusCode())->toBeIn([302, 404]);
    }
    expect(Progress::query()->where('counter', 'sewn')->sole()->done)->toBe(40);
});

it('takes a number that is typed, and lets the last count be undone after a reload', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, 's-crib');
    $page = "/q/{$project->id}/clues/1";
    $undo = function () use ($page): ?string {
        preg_match('/name="tap" value="(undo [^"]*)"/', (string) $this->get($page)->assertOk()->getContent(), $found);

        return $found[1] ?? null;
    };
    $this->tap($project, ['kind' => 'set', 'amount' => 17])->assertOk()->assertJson(['done' => 17, 'applied' => 17]);
    $this->tap($project, ['kind' => 'set', 'amount' => 12])->assertOk()->assertJson(['done' => 12, 'applied' => -5]);
    foreach ([41, -1, 1.5, 'many', null] as $wrong) {
        $this->tap($project, ['kind' => 'set', 'amount' => $wrong])->assertUnprocessable();
    }
    $this->tap($project, ['kind' => 'set', 'amount' => 0])->assertOk()->assertJson(['done' => 0]);
    $this->tap($project, ['kind' => 'set', 'amount' => 12])->assertOk();
    $this->travel(2)->seconds();
    $this->tap($project, ['kind' => 'all'])->assertOk()->assertJson(['done' => 40]);
    $last = $undo();
    expect($last)->not->toBeNull()
        ->and($this->getJson("$page/counters")->json('t-beam-sewn.undo'))->toBe(substr((string) $last, 5));
    $this->post("$page/taps", ['id' => (string) Str::uuid(), 'tap' => $last])->assertRedirect($page);
    expect(Progress::query()->where('counter', 'sewn')->sole()->done)->toBe(12);
    // Of what was counted days ago, a whole day's work may stand on it.
    $this->tap($project, ['kind' => 'all'])->assertOk();
    $this->travel(25)->hours();
    expect($undo())->toBeNull();
});

it('asks before more are trimmed than are sewn, and counts nothing until it is answered', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, 's-crib');
    $page = "/q/{$project->id}/clues/1";
    $done = fn (string $counter): int => (int) Progress::query()->where('counter', $counter)->value('done');
    $this->tap($project, ['amount' => 6])->assertOk();
    $this->tap($project, ['counter' => 'trimmed', 'amount' => 6, 'sure' => null])->assertOk();
    $id = (string) Str::uuid();
    $this->tap($project, ['id' => $id, 'counter' => 'trimmed', 'amount' => 2, 'sure' => null])->assertUnprocessable()
        ->assertJson(['done' => 6, 'applied' => 0, 'asks' => true, 'message' => '6 are counted as sewn, and 8 would be trimmed.']);
    expect($done('trimmed'))->toBe(6);
    $this->tap($project, ['id' => $id, 'counter' => 'trimmed', 'amount' => 2])->assertOk()->assertJson(['done' => 8]);
    // What waited on a device while nobody looked is counted.
    $this->tap($project, ['counter' => 'trimmed', 'amount' => 1, 'sure' => null, 'queued' => true])->assertOk()->assertJson(['done' => 9]);

    // Without script the page says it, and the same button pressed again counts.
    $form = function () use ($page): array {
        $html = (string) $this->get($page)->getContent();
        preg_match('/name="id" value="([^"]*)"/', $html, $id);
        preg_match('/name="sure" value="([^"]*)"/', $html, $sure);

        return ['id' => $id[1], 'sure' => $sure[1], 'tap' => 'all t-beam trimmed'];
    };
    $this->post("$page/taps", $form())->assertRedirect("$page#t-beam-trimmed")->assertSessionHasErrors('t-beam-trimmed');
    expect($done('trimmed'))->toBe(9);
    $this->post("$page/taps", $form())->assertRedirect("$page#t-beam-trimmed")->assertSessionHasNoErrors();
    expect($done('trimmed'))->toBe(40);
});

it('refuses to pass the total and says how many are left', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, 's-crib');
    $this->tap($project, ['amount' => 38])->assertOk();
    $this->tap($project, ['amount' => 3])->assertUnprocessable()->assertJson(
        ['done' => 38, 'applied' => 0, 'message' => 'Only 2 are left of 40, so 3 were not added.'],
    );
    $this->tap($project, ['amount' => 2])->assertOk();
    $this->tap($project, ['amount' => 1])->assertUnprocessable()->assertJsonPath(
        'message',
        'All 40 are counted already, perhaps on another device.',
    );
    $this->tap($project, ['amount' => -41])->assertUnprocessable()->assertJsonPath('message', 'There are only 40 to take off.');
    expect(Tap::query()->where('accepted', true)->count())->toBe(2);
});

it('counts the same tap once, however often it arrives', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, 's-crib');
    $id = (string) Str::uuid();
    foreach (range(1, 3) as $time) {
        $this->tap($project, ['id' => $id, 'amount' => 5])->assertOk()->assertJsonPath('done', 5);
    }
    $this->tap($project, ['id' => Str::upper($id), 'amount' => 5])->assertJsonPath('done', 5);
    expect(Tap::query()->count())->toBe(1);
});

it('answers a tap that arrives again with what it did the first time, also when it was refused or cut short', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, 's-crib');
    $refused = ['id' => (string) Str::uuid(), 'amount' => 9999];
    $first = $this->tap($project, $refused)->assertStatus(422)->json();
    expect($first['message'])->not->toBeEmpty();
    $this->tap($project, $refused)->assertStatus(422)->assertJson($first);

    $short = ['id' => (string) Str::uuid(), 'amount' => 9999, 'queued' => true];
    $first = $this->tap($project, $short)->assertOk()->json();
    expect($first)->applied->toBe($first['total'])->message->not->toBeEmpty();
    $this->tap($project, $short)->assertOk()->assertJson($first);

    $undo = ['id' => (string) Str::uuid(), 'kind' => 'undo', 'undoes' => $short['id']];
    $first = $this->tap($project, $undo)->assertOk()->json();
    expect($first)->applied->toBe(-$first['total'])->done->toBe(0);
    $this->tap($project, $undo)->assertOk()->assertJson($first);
    // Another device takes the same tap back: nothing more happens, and it is told what did.
    $this->tap($project, ['id' => (string) Str::uuid(), 'kind' => 'undo', 'undoes' => $short['id']])->assertOk()->assertJson($first);
    // A refused tap that is taken back does nothing either.
    $this->tap($project, ['id' => (string) Str::uuid(), 'kind' => 'undo', 'undoes' => $refused['id']])
        ->assertOk()->assertJson(['applied' => 0, 'done' => 0]);
});

it('takes as much of a waiting tap as fits and says so', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, 's-crib');
    $this->tap($project, ['amount' => 38]);
    $this->tap($project, ['amount' => 5, 'queued' => true])->assertOk()->assertJson(
        ['done' => 40, 'applied' => 2, 'message' => '2 of the 5 counted while you were away were added; 40 is all.'],
    );
});

it('takes a tap back by what it really did, once', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, 's-crib');
    $id = (string) Str::uuid();
    $this->tap($project, ['amount' => 38]);
    $this->tap($project, ['id' => $id, 'amount' => 5, 'queued' => true]);
    foreach (range(1, 2) as $time) {
        $this->tap($project, ['kind' => 'undo', 'undoes' => $id])->assertOk()->assertJsonPath('done', 38);
    }
    $stranger = $this->project($this->quilt);
    $this->tap($stranger, ['kind' => 'undo', 'undoes' => $id])->assertNotFound();
});

it('does not let two people share one tap id', function (): void {
    $this->release($this->quilt);
    $id = (string) Str::uuid();
    $this->tap($this->project($this->quilt), ['id' => $id, 'amount' => 5])->assertOk();
    $this->tap($this->project($this->quilt), ['id' => $id, 'amount' => 5])->assertNotFound();
});

it('refuses taps that make no sense', function (array $tap, int $status): void {
    $this->release($this->quilt);
    $this->tap($this->project($this->quilt), $tap)->assertStatus($status);
    expect(Tap::query()->count())->toBe(0);
})->with([
    [['amount' => 0], 422], [['amount' => 'three'], 422], [
        ['amount' => 10_000_000_000],
        422,
    ], [['amount' => 1.5], 422], [[], 422], [['id' => 'x', 'amount' => 1], 422],
    [['task' => 't-nowhere', 'amount' => 1], 404], [['counter' => 'cut:hst:eight:first', 'amount' => 1], 404], [
        ['kind' => 'undo', 'undoes' => '00000000-0000-4000-8000-000000000000'],
        404,
    ],
]);

it('re-plans only the remainder when the method changes, and keeps what is sewn', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt);
    $this->tap($project, ['amount' => 50]);
    $this->tap($project, ['counter' => 'cut:hst:two:first', 'amount' => 30]);
    $this->put(
        "/q/{$project->id}/clues/1/method",
        ['kind' => 'hst', 'method' => 'hst:eight', 'from' => 't-beam'],
    )->assertRedirect("/q/{$project->id}/clues/1#t-beam");
    $counters = $this->getJson("/q/{$project->id}/clues/1/counters")->json();
    // 104 − 50 = 54 still to make: 7 pairs of squares at eight to a pair.
    expect($counters['t-beam-sewn'])->toMatchArray(['done' => 50, 'total' => 104])
        ->and($counters['t-beam-cut-hst-eight-first'])->toMatchArray(['done' => 0, 'total' => 7])
        ->and($counters)->not->toHaveKey('t-beam-cut-hst-two-first');
    $this->get("/q/{$project->id}/clues/1")->assertSee('7¾')->assertSeeText(
        '50 were made another way. The cutting covers the other 54.',
    );
});

it('cuts larger when she chooses so, and counts that apart', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt);
    $this->tap($project, ['counter' => 'cut:hst:two:first', 'amount' => 30]);
    $this->put(
        "/q/{$project->id}/clues/1/method",
        ['kind' => 'hst', 'method' => 'hst:two', 'oversize' => '1', 'from' => 't-beam'],
    )->assertRedirect();
    $counters = $this->getJson("/q/{$project->id}/clues/1/counters")->json();

    // 3⅞ by rule, 4 cut larger: the 30 cut exactly are not counted among those.
    expect($counters['t-beam-cut-hst-two-larger-first'])->toMatchArray(['done' => 0, 'total' => 52]);
    $this->get("/q/{$project->id}/clues/1")->assertSeeText('cut larger')->assertDontSee('>3⅞<', false);
    $this->put("/q/{$project->id}/clues/1/method", ['kind' => 'hst', 'method' => 'hst:two', 'from' => 't-beam'])->assertRedirect();
    expect($this->getJson("/q/{$project->id}/clues/1/counters")->json('t-beam-cut-hst-two-first'))->toMatchArray(['done' => 30, 'total' => 52]);
    $this->put(
        "/q/{$project->id}/clues/1/method",
        ['kind' => 'hst', 'method' => 'hst:two', 'oversize' => 'perhaps'],
    )->assertSessionHasErrors('oversize');
});

it('refuses a method the unit is not made by', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt);
    $this->actingAs($project->user)->put(
        "/q/{$project->id}/clues/1/method",
        ['kind' => 'hst', 'method' => 'four-patch:strips'],
    )->assertSessionHasErrors(['method' => __('methods.unknown')]);
    $this->put("/q/{$project->id}/clues/1/method", ['kind' => 'square', 'method' => 'plain:cut'])->assertSessionHasErrors('kind');
});

it('keeps what still fits when the size changes and calls the rest spare', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt);
    $this->tap($project, ['counter' => 'trimmed', 'amount' => 60]);
    $given = ['name' => 'Mine', 'size_key' => 's-crib', 'colourway_key' => 'c-first-boat', 'notation' => 'cm', 'usable_width' => ''];
    $this->patch("/q/{$project->id}/quilt", $given)->assertSessionHasNoErrors();
    $this->get("/q/{$project->id}/clues/1")->assertSeeText('60 / 40')->assertSeeText('20 spare')->assertSee('9.8');
    expect(ClueProgress::query()->firstOrFail()->only(['done', 'total']))->toBe(['done' => 40, 'total' => 112]);
    $this->patch("/q/{$project->id}/quilt", ['size_key' => 's-king'] + $given)->assertSessionHasErrors('size_key');
});

it('plans strips on the cloth she has, and says at the field what it cannot read', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt);
    $given = ['name' => 'Mine', 'size_key' => 's-throw', 'colourway_key' => 'c-last-boat', 'notation' => 'in'];
    $this->actingAs($project->user);
    foreach ([
        ['4 5/0', 'divides by zero'],
        ['-3', 'is below zero'],
        ['4 5/8 cm in', 'names two units'],
        ['4 in', "Enter a width between 18\u{a0}in and 120\u{a0}in"],
        ['wide', 'is not a length'],
    ] as [$typed, $words]) {
        $this->from("/q/{$project->id}/quilt")->patch(
            "/q/{$project->id}/quilt",
            ['usable_width' => $typed, 'name' => 'Kept'] + $given,
        )->assertSessionHasErrors('usable_width');
        $this->get("/q/{$project->id}/quilt")->assertSeeText($words)->assertSee('value="Kept"', false)->assertSee(
            'value="'.$typed.'"',
            false,
        );
    }
    $this->patch("/q/{$project->id}/quilt", ['usable_width' => '50.8 cm'] + $given)->assertSessionHasNoErrors();
    $this->getJson("/q/{$project->id}/clues/1/counters")->assertJsonPath('t-wake-cut-four-patch-strips-first-strip.total', 34);
});

it('shows counts made to earlier numbers apart', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt);
    Progress::query()->create(
        ['project_id' => $project->id, 'task_key' => 't-beam', 'counter' => 'sewn', 'digest' => 'earlier', 'done' => 12],
    );
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertSeeText(
        '12 made to the earlier numbers',
    )->assertSeeText('0 / 104');
});

it('lists bags and fabrics of released work alone', function (): void {
    $project = $this->project($this->quilt);
    $this->actingAs($project->user)->get("/q/{$project->id}/bench")->assertSee(__('bench.empty'));
    $this->get("/q/{$project->id}/fabrics")->assertSee('Deep water')->assertSee(__('cutting.cut_nothing'))->assertDontSee('Beam');
    $this->release($this->quilt);
    $this->tap($project, ['counter' => 'trimmed', 'amount' => 9]);
    $this->get("/q/{$project->id}/bench")->assertSeeText('9 of 104');
    $this->get("/q/{$project->id}/fabrics")->assertSeeText('for Beam half-square triangle');
});

it('answers member pages within a few queries and never compiles for them', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt);
    $this->tap($project, ['amount' => 5]);
    Event::fake([SheetMissed::class]);
    foreach (['' => 10, '/clues/1' => 11, '/fabrics' => 11, '/bench' => 10, '/clues/1/counters' => 9] as $page => $most) {
        $this->actingAs($project->user->fresh());
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get("/q/{$project->id}$page")->assertOk();
        DB::disableQueryLog();
        expect(count(DB::getQueryLog()))->toBeLessThanOrEqual($most, "$page: ".implode("\n", array_column(DB::getQueryLog(), 'query')));
    }
    $this->put("/q/{$project->id}/clues/1/method", ['kind' => 'hst', 'method' => 'hst:four']);
    $this->get("/q/{$project->id}/clues/1")->assertOk();
    Event::assertNotDispatched(SheetMissed::class);
});

it('asks the same few queries for the fabrics and bags of one open clue and of eight', function (string $page): void {
    $project = $this->project($this->quilt);
    $count = function () use ($project, $page): int {
        $this->actingAs($project->user->fresh());
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get("/q/{$project->id}/$page")->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $this->release($this->quilt, 1);
    $count();
    $one = $count();
    foreach (range(2, 8) as $number) {
        $this->release($this->quilt, $number);
    }
    // Whoever comes first after a release has the new clues drawn.
    expect($count())->toBeLessThanOrEqual($one + 4);

    expect($count())->toBe($one);
})->with(['', 'fabrics', 'bench']);

it('compiles a missing sheet once and keeps it', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt);
    DB::table('sheets')->where('kind', 'clue')->delete();
    Event::fake([SheetMissed::class]);
    $this->actingAs($project->user);
    $this->get("/q/{$project->id}/clues/1")->assertOk()->assertSee('3⅞');
    $this->get("/q/{$project->id}/clues/1")->assertOk();
    Event::assertDispatchedTimes(SheetMissed::class, 1);
});

it('says that a clue was withdrawn at its address and at its counters, and what comes next only while something does', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    $this->actingAs($project->user)->get("/q/$project->id")->assertSee(__('now.next'))->assertSee('has no date yet');
    $quilt->clues()->where('number', '>', 1)->update(['release_at' => now()->subDay(), 'zone' => 'UTC', 'withdrawn_at' => now()->subHour()]);
    $this->get("/q/$project->id")->assertSee('withdrawn')->assertDontSee('has no date yet');
    $this->get("/q/$project->id/clues/2")->assertNotFound()->assertSee('Your host has withdrawn this clue. What you counted is kept.');
    $this->tap($project, ['amount' => 1], 2)->assertNotFound()->assertJsonPath('errors.clue.0', __('clues.withdrawn_here'));

    // One that was never open is nothing at all.
    $quilt->clues()->where('number', 3)->update(['release_at' => now()->addDay(), 'withdrawn_at' => null]);
    $this->get("/q/$project->id/clues/3")->assertNotFound()->assertDontSee('withdrawn');

    // All that is open is made: nothing is to be done next.
    preg_match_all('/name="tap" value="(all [^"]*)"/', (string) $this->get("/q/$project->id/clues/1")->getContent(), $found);
    foreach ($found[1] as $tap) {
        $this->post("/q/$project->id/clues/1/taps", ['id' => (string) Illuminate\Support\Str::uuid(), 'tap' => $tap])->assertRedirect();
    }
    $this->get("/q/$project->id")->assertSee('All open clues are done.')->assertDontSee(__('now.next'));
});
