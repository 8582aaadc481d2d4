<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;

/** Dates for many clues at once. It is noon in New York on the first of December 2026. */
beforeEach(function (): void {
    $this->travelTo('2026-12-01 17:00:00');
    $this->quiltAlong = $this->quiltAlong();
    $this->host = User::factory()->create();
    $this->host->memberships()->create(['quilt_along_id' => $this->quiltAlong->id, 'role' => Role::Owner]);
    $this->actingAs($this->host);
    $this->path = "/host/{$this->quiltAlong->slug}/dates";
    $this->dates = fn (): array => $this->quiltAlong->clues()->orderBy('number')->pluck('local_date')->all();
    $this->rule = ['what' => 'rule', 'from' => '1', 'first' => '2027-01-09', 'every' => '2', 'pace' => 'weeks', 'time' => '09:00',
        'zone' => 'Europe/Dublin'];
});

it('sets dates by a rule, after they were looked at in the calendar', function (): void {
    $this->get($this->path.'?'.http_build_query($this->rule))->assertOk()->assertSee('Set these dates')->assertSee('January 2027')
        ->assertSee('April 2027');
    expect(array_filter(($this->dates)()))->toBe([]);
    $this->put($this->path, $this->rule + ['skipped' => '2027-02-03'])->assertSessionHasNoErrors()->assertSessionHas('status');
    expect(($this->dates)())->toBe([
        '2027-01-09', '2027-01-23', '2027-02-20', '2027-03-06', '2027-03-20', '2027-04-03', '2027-04-17', '2027-05-01',
    ]);
    // Nine on the wall in Dublin, on both sides of the change of clocks.
    $hours = $this->quiltAlong->clues()->orderBy('number')->get()->map(fn ($clue): string => $clue->release_at->format('H:i'))->all();
    expect($hours)->toBe(['09:00', '09:00', '09:00', '09:00', '09:00', '08:00', '08:00', '08:00']);
    $this->get(
        $this->path.'?'.http_build_query($this->rule + ['skipped' => '2027-02-03']),
    )->assertSee('These are the dates that are set already.');
});

it('shifts all later dates, and pulls them forward so that the last opens by a day', function (): void {
    $this->put($this->path, ['every' => '1'] + $this->rule)->assertSessionHasNoErrors();
    $this->put($this->path, ['what' => 'shift', 'from' => '4', 'days' => '7'])->assertSessionHasNoErrors();
    expect(array_slice(($this->dates)(), 2, 3))->toBe(['2027-01-23', '2027-02-06', '2027-02-13']);
    $this->put($this->path, ['what' => 'pull', 'from' => '4', 'by' => '2027-02-18'])->assertSessionHasNoErrors();
    expect(array_slice(($this->dates)(), 3))->toBe(['2027-02-06', '2027-02-09', '2027-02-12', '2027-02-15', '2027-02-18']);
    $this->put($this->path, ['what' => 'list', 'from' => '7', 'dates' => '2027-04-01, 2027-03-01', 'time' => '10:00', 'zone' => 'UTC'])
        ->assertSessionHasNoErrors();
    expect(array_slice(($this->dates)(), 6))->toBe(['2027-03-01', '2027-04-01']);
});

it('leaves clues that are open as they are', function (): void {
    $this->release($this->quiltAlong, 1);
    $this->release($this->quiltAlong, 2);
    $this->put($this->path, $this->rule)->assertSessionHasNoErrors();
    expect(array_slice(($this->dates)(), 0, 3))->toBe([null, null, '2027-01-09'])
        ->and($this->clue($this->quiltAlong, 1)->release_at->isPast())->toBeTrue();
    foreach (range(3, 8) as $number) {
        $this->release($this->quiltAlong, $number);
    }
    $this->get($this->path)->assertSee('is open already');
    $this->put($this->path, $this->rule)->assertSessionHas('warning');
});

it('says what is wrong, and offers the next sensible day', function (array $change, string $field, string $words): void {
    $this->get($this->path.'?'.http_build_query($change + $this->rule))->assertOk()->assertSee($words)->assertDontSee('Set these dates');
    $this->from($this->path)->put($this->path, $change + $this->rule)->assertSessionHasErrors($field);
    expect(array_filter(($this->dates)()))->toBe([]);
})->with([
    'a date that is over' => [['first' => '2026-11-07'], 'first', 'keeps the interval is 2026-12-05'],
    'no day' => [['first' => '2027-02-30'], 'first', 'Enter the first date'],
    'no distance' => [['every' => 'often'], 'every', 'from 1 to 60'],
    'an hour that does not exist' => [['time' => '25:00'], 'time', 'hour'],
    'no zone' => [['zone' => 'Mars/Crater'], 'zone', 'zone'],
    'a last date that comes too soon' => [['last' => '2027-02-01'], 'last', 'Only 2 dates fit'],
    'weeks to skip that are none' => [['skipped' => 'easter'], 'skipped', 'weeks to skip'],
    'a list that is too short' => [['what' => 'list', 'dates' => '2027-01-09'], 'dates', 'one for every clue'],
    'nothing to shift' => [['what' => 'shift', 'days' => '7'], 'from', 'Set a date for every clue'],
]);

it('refuses dates that do not rise', function (): void {
    $this->put($this->path, $this->rule)->assertSessionHasNoErrors();
    $this->from($this->path)->put($this->path, ['what' => 'shift', 'from' => '3', 'days' => '-30'])->assertSessionHasErrors('first');
    expect(($this->dates)()[2])->toBe('2027-02-06');
});

it('gives the host the whole calendar as a file, and nobody else', function (): void {
    $this->put($this->path, $this->rule)->assertSessionHasNoErrors();
    $file = $this->get("$this->path/file")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
    $calendar = Sabre\VObject\Reader::read((string) $file->getContent());
    expect(count($calendar->VEVENT))->toBe(8)
        ->and((string) $calendar->VEVENT[0]->SUMMARY)->toContain('Casting off')
        ->and((string) $calendar->VEVENT[0]->DTSTART)->toBe('20270109T090000Z')
        ->and($calendar->validate())->toBe([]);
    $member = $this->project($this->quiltAlong)->user;
    foreach ([$this->path, "$this->path/file"] as $address) {
        $this->actingAs($member)->get($address)->assertNotFound();
    }
    $this->actingAs($member)->put($this->path, $this->rule)->assertNotFound();
});

it('prints the dates of a rule on the command line', function (): void {
    Artisan::call('dew:calendar', ['rule' => 'weekly from 2027-03-20', '--clues' => '3', '--zone' => 'Europe/Dublin']);
    expect(Artisan::output())->toContain('Sat 2027-03-27 09:00  2027-03-27T09:00Z')->toContain('Sat 2027-04-03 09:00  2027-04-03T08:00Z');
    Artisan::call('dew:calendar', ['rule' => 'daily from 2027-03-28', '--clues' => '1', '--time' => '01:30', '--zone' => 'Europe/Dublin']);
    expect(Artisan::output())->toContain('02:30')->toContain('the clocks go forward');
    Artisan::call('dew:calendar', ['rule' => 'weekly from 2027-03-20', '--clues' => '2', '--ics' => true]);
    expect(count(Sabre\VObject\Reader::read(Artisan::output())->VEVENT))->toBe(2);
    foreach ([
        ['rule' => 'soon'],
        ['rule' => 'weekly from 2027-03-20', '--clues' => '0'],
        ['rule' => 'weekly from 2027-03-20', '--zone' => 'Mars'],
    ] as $asked) {
        $this->artisan('dew:calendar', $asked)->assertExitCode(2);
    }
});

it('gives every member a private calendar address, with no title of what is to come, that she can renew and take away', function (): void {
    $this->put($this->path, $this->rule)->assertSessionHasNoErrors();
    $this->release($this->quiltAlong, 1);
    $project = $this->project($this->quiltAlong);
    $this->actingAs($project->user)->get("/q/$project->id/quilt")->assertSee('Make an address')->assertDontSee('Address of your calendar');
    $this->post("/q/$project->id/feed")->assertRedirect();
    $first = (string) $project->fresh()->feed_key;
    expect($first)->toMatch('/^[A-Za-z0-9]{40}$/');
    $this->get("/q/$project->id/quilt")->assertSee("/feed/$first");
    auth()->logout();
    $text = (string) $this->get("/feed/$first")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
    $calendar = Sabre\VObject\Reader::read($text);
    expect(count($calendar->VEVENT))->toBe(8)
        ->and((string) $calendar->VEVENT[0]->SUMMARY)->toContain('Clue 1, Casting off')
        ->and((string) $calendar->VEVENT[1]->SUMMARY)->toEndWith(': Clue 2')
        ->and($calendar->validate())->toBe([]);
    foreach ($this->quiltAlong->clues()->where('number', '>', 1)->pluck('title') as $title) {
        expect($text)->not->toContain($title);
    }
    // Withdrawn, a clue has neither hour nor title.
    $this->clue($this->quiltAlong, 2)->forceFill(['withdrawn_at' => now()])->save();
    expect((string) $this->get("/feed/$first")->getContent())->not->toContain('Clue 2');

    $this->actingAs($project->user)->post("/q/$project->id/feed");
    $this->get("/feed/$first")->assertNotFound();
    $this->get('/feed/'.$project->fresh()->feed_key)->assertOk();
    $this->delete("/q/$project->id/feed");
    expect($project->fresh()->feed_key)->toBeNull();
    $this->get('/feed/'.str_repeat('a', 40))->assertNotFound();
    $this->actingAs(User::factory()->create())->post("/q/$project->id/feed")->assertNotFound();
});

it('leaves a clue with a rough date alone, and moves the others round it', function (): void {
    $quilt = $this->quiltAlong();
    $this->actingAs($this->person($quilt, Role::Owner));
    $this->put("/host/{$quilt->slug}/clues/3/about", ['about' => 'in a week or two'])->assertSessionHasNoErrors();
    $rule = [
        'what' => 'rule', 'from' => '1', 'first' => '2031-01-04', 'every' => '1', 'pace' => 'weeks', 'time' => '09:00', 'zone' => 'UTC',
    ];
    $this->get("/host/{$quilt->slug}/dates?".http_build_query($rule))->assertSeeText('Clue 3 opens “in a week or two”');
    $this->put("/host/{$quilt->slug}/dates", $rule)->assertSessionHasNoErrors();
    $this->put("/host/{$quilt->slug}/dates", ['what' => 'shift', 'from' => '1', 'days' => '7'])->assertSessionHasNoErrors();

    expect($quilt->clues()->pluck('local_date', 'number')->all())->toBe([
        1 => '2031-01-11', 2 => '2031-01-18', 3 => null, 4 => '2031-01-25', 5 => '2031-02-01', 6 => '2031-02-08', 7 => '2031-02-15',
        8 => '2031-02-22',
    ])->and($this->clue($quilt, 3)->about)->toBe('in a week or two');
});
