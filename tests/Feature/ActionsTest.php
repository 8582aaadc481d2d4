<?php

declare(strict_types=1);

use App\Actions\Host\ScheduleClue;
use App\Casts\LengthCast;
use App\Models\ClueProgress;
use App\Models\ClueState;
use App\Models\Invitation;
use App\Models\Progress;
use App\Models\Project;
use App\Models\Role;
use App\Models\User;
use App\Plans\RefreshTallies;
use Carbon\CarbonImmutable;
use Dew\Core\Measure\Length;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Validation\ValidationException;

it('makes join codes that can be read aloud, and no two alike', function (): void {
    $codes = array_map(Invitation::newCode(...), range(1, 300));
    expect(array_unique($codes))->toHaveCount(300);
    foreach ($codes as $code) {
        expect($code)->toMatch('/^[ACDEFGHJKLMNPQRTUVWXY34679]{8}$/')
            ->and(Invitation::tidy(' '.strtolower(substr($code, 0, 4)).' - '.substr($code, 4)))->toBe($code);
    }
});

it('keeps an exact length in a column', function (): void {
    $cast = new LengthCast;
    $project = new Project;
    foreach ([Length::parse('41 1/2'), Length::parse('106 cm'), Length::fraction(1, 3), Length::root2(3, 7)] as $length) {
        expect($cast->get($project, 'usable_width', $cast->set($project, 'usable_width', $length, []), [])?->equals($length))->toBeTrue();
    }
    expect($cast->get($project, 'usable_width', null, []))->toBeNull()
        ->and($cast->set($project, 'usable_width', null, []))->toBeNull()
        ->and(fn () => $cast->set($project, 'usable_width', '40', []))->toThrow(InvalidArgumentException::class);
});

it('knows the four states of a clue', function (?string $release, ?string $withdrawn, ClueState $state): void {
    $this->travelTo(CarbonImmutable::parse('2027-03-01 12:00', 'UTC'));
    $clue = $this->clue($this->quiltAlong(), 1);
    $clue->forceFill(['release_at' => $release, 'withdrawn_at' => $withdrawn, 'zone' => 'UTC'])->save();

    expect($clue->fresh()->state())->toBe($state)
        ->and($clue->quiltAlong->clues()->released()->count())->toBe($state === ClueState::Released ? 1 : 0);
})->with([
    [null, null, ClueState::Draft], ['2027-03-01 12:00:01', null, ClueState::Scheduled], ['2027-03-01 12:00:00', null, ClueState::Released],
    ['2027-02-01 12:00:00', '2027-02-02 12:00:00', ClueState::Withdrawn], [null, '2027-02-02 12:00:00', ClueState::Withdrawn],
]);

it('brings a withdrawn clue back at the hour it had', function (): void {
    $quilt = $this->quiltAlong();
    $clue = $this->release($quilt);
    $had = $clue->release_at;
    $schedule = new ScheduleClue;
    $schedule->withdraw($clue);
    $schedule->now($clue);

    expect($clue->isReleased())->toBeTrue()->and($clue->release_at?->equalTo($had))->toBeTrue();
});

it('opens a scheduled clue now, and forgets the hour it had', function (): void {
    $quilt = $this->quiltAlong();
    $clue = $this->clue($quilt, 1);
    $schedule = new ScheduleClue;
    $schedule->at($clue, now()->addMonth()->format('Y-m-d'), '09:00', 'Europe/Dublin');
    expect($clue->state())->toBe(ClueState::Scheduled);
    $schedule->now($clue);

    expect($clue->state())->toBe(ClueState::Released)
        ->and($clue->zone)->toBe('Europe/Dublin')
        ->and($clue->release_at?->diffInSeconds(now()))->toBeLessThan(5.0);
    $at = $clue->release_at;
    $this->travel(1)->hours();
    $schedule->now($clue);
    expect($clue->release_at?->equalTo($at))->toBeTrue();
});

it('schedules a withdrawn clue anew, and tells its members again', function (): void {
    $quilt = $this->quiltAlong();
    $clue = $this->release($quilt);
    $clue->forceFill(['announced_at' => now(), 'withdrawn_at' => now()])->save();
    (new ScheduleClue)->at($clue, now()->addMonth()->format('Y-m-d'), '09:00', 'UTC');

    expect($clue->state())->toBe(ClueState::Scheduled)->and($clue->announced_at)->toBeNull();
    expect(fn () => (new ScheduleClue)->at($clue, '2020-01-01', '09:00', 'UTC'))->toThrow(ValidationException::class);
});

it('works the tallies out anew when a total changes, and begins none that was not begun', function (): void {
    $quilt = $this->quiltAlong();
    $clue = $this->release($quilt);
    $this->release($quilt, 2);
    $project = $this->project($quilt, 's-crib');
    app(RefreshTallies::class)($project);
    expect(ClueProgress::query()->count())->toBe(0);

    $this->tap($project, ['counter' => 'trimmed', 'amount' => 40])->assertOk();
    Progress::query()->update(['done' => 12]);
    app(RefreshTallies::class)($project->fresh());
    expect(
        ClueProgress::query()->where('clue_id', $clue->id)->firstOrFail()->only(['done', 'total']),
    )->toBe(['done' => 12, 'total' => 112]);
});

it('lists what somebody hosts and what she makes, each once', function (): void {
    $quilt = $this->quiltAlong();
    $helper = $this->person($quilt, Role::Helper);
    $project = $this->project($quilt, user: $helper);
    $page = $this->actingAs($helper)->get('/home')->assertOk()->assertSee('You host')->assertSee('You make')->assertSee('helper');
    expect(substr_count((string) $page->getContent(), "/q/{$project->id}"))->toBe(1)
        ->and(substr_count((string) $page->getContent(), "/host/{$quilt->slug}"))->toBe(1);
    $this->actingAs(User::factory()->create())->get('/home')->assertSee('You are not in a quilt-along yet')->assertDontSee('You host');
    $this->get('/')->assertRedirect('/home');
});

it('reads a length on the style page', function (string $typed, string $answer): void {
    $this->get(
        '/style?'.http_build_query(['length' => $typed]),
    )->assertOk()->assertSeeText($answer)->assertSee('value="'.e($typed).'"', false);
})->with([['4⅝', '4.625'], ['11.7 cm', '11.7'], ['4 5/0', 'divides by zero'], ['', 'Enter a length'], ['<b>', '“<b>” is not a length']]);

it('tells a watcher whether it is well, without a session and without asking anybody else', function (): void {
    $this->get('/up')->assertOk()->assertSeeText('up')->assertCookieMissing(config('session.cookie'));
    config(
        [
            'database.connections.gone' => ['port' => '1', 'database' => 'gone'] + config('database.connections.pgsql'),
            'database.default' => 'gone',
        ],
    );
    $this->get('/up')->assertStatus(503);
    config(['database.default' => 'pgsql']);
});

it('takes a proxy\'s word only when it is told to', function (): void {
    $asked = fn () => $this->call(
        'GET',
        '/sign-in',
        server: ['REMOTE_ADDR' => '10.0.0.5', 'HTTP_X_FORWARDED_PROTO' => 'https'],
    )->headers->has('Strict-Transport-Security');
    expect($asked())->toBeFalse();
    TrustProxies::at(['10.0.0.5']);
    expect($asked())->toBeTrue();
    TrustProxies::flushState();
});

it('answers a form that lay open too long, and too many calls, in plain words', function (): void {
    config(['dew.limits.join' => 2]);
    foreach (range(1, 3) as $call) {
        $response = $this->get('/join');
    }
    $response->assertStatus(429)->assertSee('Wait a minute');
    $this->get('/nowhere')->assertNotFound()->assertSee('There is nothing at this address.');
    $this->getJson('/nowhere')->assertNotFound()->assertExactJson(['message' => 'There is nothing at this address.']);
});
