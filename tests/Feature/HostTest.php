<?php

declare(strict_types=1);

use App\Actions\Host\ScheduleClue;
use App\Jobs\SendNotices;
use App\Models\Clue;
use App\Models\HistoryEntry;
use App\Models\Notice;
use App\Models\Post;
use App\Models\Project;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Mail\Events\MessageSending;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->owner = $this->person($this->quilt, Role::Owner);
    $this->base = "/host/{$this->quilt->slug}";
    $this->travelTo(CarbonImmutable::parse('2027-03-01 12:00', 'UTC'));
    $this->actingAs($this->owner);
});

it('schedules a clue by the wall clock of a named zone and moves it again', function (): void {
    $this->put(
        "{$this->base}/clues/1/release",
        ['date' => '2027-03-06', 'time' => '09:00', 'zone' => 'America/New_York'],
    )->assertRedirect("{$this->base}/clues#clue-1")->assertSessionHas('status');
    expect($this->clue($this->quilt, 1)->release_at->toIso8601String())->toBe('2027-03-06T14:00:00+00:00');

    $this->put("{$this->base}/clues/1/release", ['date' => '2027-03-20', 'time' => '09:00', 'zone' => 'America/New_York']);
    $clue = $this->clue($this->quilt, 1);
    expect($clue->release_at->toIso8601String())->toBe('2027-03-20T13:00:00+00:00')
        ->and($clue->local_time)->toBe('09:00')
        ->and($clue->zone)->toBe('America/New_York');
    $this->get("{$this->base}/clues")->assertSee('value="2027-03-20"', false)->assertSee('Sat 20 Mar 2027, 09:00 New York time');
});

it('says what is wrong with a release time, at its field, and keeps the rest', function (array $given, string $field, string $words): void {
    $this->from("{$this->base}/clues")->put(
        "{$this->base}/clues/1/release",
        $given + ['clue' => 1, 'date' => '2027-03-06', 'time' => '09:00', 'zone' => 'America/New_York'],
    )->assertSessionHasErrors($field);
    $this->get("{$this->base}/clues")->assertSee($words)->assertSee('id="'.$field.'-1-note"', false)->assertSee(
        'value="'.($given['zone'] ?? 'America/New_York').'"',
        false,
    );
    expect($this->clue($this->quilt, 1)->release_at)->toBeNull();
})->with([
    'in the past' => [['date' => '2027-02-28'], 'date', 'press Release now'],
    'a minute ago' => [['date' => '2027-03-01', 'time' => '06:59'], 'date', 'there it is March 1, 2027 7:00 AM now'],
    'no such day' => [['date' => '2027-02-30'], 'date', 'Enter a day in the calendar'],
    'no such hour' => [['time' => '25:00'], 'time', 'Enter an hour such as 09:00'],
    'no such zone' => [['zone' => 'Saltbox/Lane'], 'zone', 'Choose a time zone'],
]);

it('tells the host when the clocks skip the hour she chose', function (): void {
    $this->put(
        "{$this->base}/clues/1/release",
        ['date' => '2027-03-14', 'time' => '02:30', 'zone' => 'America/New_York'],
    )->assertSessionHas('warning', 'The clocks skip 02:30 that day, so it opens at 03:30.');
    expect($this->clue($this->quilt, 1)->release_at->toIso8601String())->toBe('2027-03-14T07:30:00+00:00');
});

it('releases now, withdraws, and brings back what was counted', function (): void {
    $project = $this->project($this->quilt);
    $this->post("{$this->base}/clues/1/release")->assertSessionHas('pending');
    $this->travel(HistoryEntry::SECONDS)->seconds();
    $this->tap($project, ['amount' => 5])->assertOk();
    $this->actingAs($this->owner)->delete("{$this->base}/clues/1/release");
    $this->travel(HistoryEntry::SECONDS)->seconds();
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertNotFound();
    $this->actingAs($this->owner)->post("{$this->base}/clues/1/release");
    $this->travel(HistoryEntry::SECONDS)->seconds();
    $this->actingAs($project->user)->getJson("/q/{$project->id}/clues/1/counters")->assertJsonPath('t-beam-sewn.done', 5);
});

it('says what opening a clue does, opens it after ten seconds, and puts its planned date back when that is undone', function (): void {
    $project = $this->project($this->quilt);
    app(ScheduleClue::class)->at($this->clue($this->quilt, 1), '2027-04-03', '09:00', 'America/New_York');
    $planned = $this->clue($this->quilt, 1)->release_at;
    $this->get("{$this->base}/clues")->assertOk()->assertSeeText('Clue 1 opens for one member now.')
        ->assertSeeText('Clue 3 opens for one member now; clues 1 and 2 are still closed.');
    $this->post("{$this->base}/clues/1/release")->assertSessionHas('pending');
    $this->get("{$this->base}/clues")->assertSeeText('Clue 1 opens in 10 s.');
    $this->travel(HistoryEntry::SECONDS - 1)->seconds();
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertNotFound();
    $this->artisan('dew:announce-releases');
    expect(Notice::query()->count())->toBe(0);
    $deed = HistoryEntry::query()->latest('id')->firstOrFail();
    $this->actingAs($this->owner)->delete("{$this->base}/history/$deed->id", ['back' => 'clues'])->assertRedirect("{$this->base}/clues");
    $this->travel(5)->seconds();
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertNotFound();
    expect($this->clue($this->quilt, 1)->release_at?->equalTo($planned))->toBeTrue()
        ->and($this->clue($this->quilt, 1)->local_date)->toBe('2027-04-03');

    $this->actingAs($this->owner)->post("{$this->base}/clues/1/release");
    $this->travel(HistoryEntry::SECONDS)->seconds();
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertOk();
    $this->artisan('dew:announce-releases');
    expect(Notice::query()->count())->toBe(1);
    $deed = HistoryEntry::query()->latest('id')->firstOrFail();
    $this->actingAs($this->owner)->delete("{$this->base}/history/$deed->id")->assertSessionHasErrors('deed');
});

it('withdraws after ten seconds, within which it can be undone', function (): void {
    $project = $this->project($this->quilt);
    $this->release($this->quilt);
    $this->get("{$this->base}/clues")->assertSeeText('Clue 1 is hidden from one member.');
    $this->delete("{$this->base}/clues/1/release")->assertSessionHas('pending');
    $this->get("{$this->base}/clues")->assertSeeText('Clue 1 is withdrawn in 10 s.');
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertOk();
    $deed = HistoryEntry::query()->latest('id')->firstOrFail();
    $this->actingAs($this->owner)->delete("{$this->base}/history/$deed->id")->assertSessionHasNoErrors();
    $this->travel(HistoryEntry::SECONDS + 1)->seconds();
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertOk();
});

it('opens clues in order unless the host says otherwise', function (): void {
    $this->post("{$this->base}/clues/3/release")->assertSessionHasErrors(['out_of_order' => 'Clues open in order, and clue 3 would pass clues 1 '
        .'and 2. Choose another date, or tick that it opens out of order.']);
    expect(HistoryEntry::query()->count())->toBe(0);
    $at = fn (int $number, string $date, array $more = []) => $this->put("{$this->base}/clues/$number/release", [
        'date' => $date, 'time' => '09:00', 'zone' => 'UTC', ...$more,
    ]);
    $at(2, '2027-04-03')->assertSessionHasErrors('out_of_order');
    $at(1, '2027-04-03')->assertSessionHasNoErrors();
    $at(2, '2027-04-02')->assertSessionHasErrors('out_of_order');
    $at(2, '2027-04-10')->assertSessionHasNoErrors();
    $at(1, '2027-04-12')->assertSessionHasErrors('out_of_order');
    $at(1, '2027-04-12', ['out_of_order' => '1'])->assertSessionHasNoErrors();
    $this->post("{$this->base}/clues/3/release", ['out_of_order' => '1'])->assertSessionHasNoErrors();
    $this->travel(HistoryEntry::SECONDS)->seconds();
    expect($this->clue($this->quilt, 3)->isReleased())->toBeTrue();
});

it('does not move a clue that is open', function (): void {
    $this->release($this->quilt);
    $this->put(
        "{$this->base}/clues/1/release",
        ['date' => '2027-04-06', 'time' => '09:00', 'zone' => 'America/New_York'],
    )->assertSessionHasErrors('date');
    expect($this->clue($this->quilt, 1)->isReleased())->toBeTrue();
});

it('previews a clue as each size will see it', function (string $size, string $beams): void {
    $this->get(
        "{$this->base}/clues/1?size=$size",
    )->assertOk()->assertSeeText("Make $beams")->assertSeeText('Casting off')->assertDontSee('counter-buttons');
})->with([['s-crib', '40'], ['s-throw', '104'], ['s-twin', '144'], ['s-queen', '200']]);

it('falls back to the first size when asked for one that does not exist', function (): void {
    $this->get("{$this->base}/clues/1?size=s-king")->assertOk()->assertSeeText('Make 40');
});

it('shows where every member stands', function (): void {
    $this->release($this->quilt);
    $project = $this->project($this->quilt, 's-crib');
    $this->project($this->quilt, 's-queen');
    $this->tap($project, ['counter' => 'trimmed', 'amount' => 7])->assertOk();
    $page = $this->actingAs($this->owner)->get("{$this->base}/people")->assertOk();
    expect(preg_replace('/\s+/', '', strip_tags((string) $page->getContent())))->toContain('7/112');
    $page->assertSee($project->user->name)->assertSee('Queen');
    $this->get("{$this->base}/people?search=".urlencode('%'))->assertSee('No member has that name');
});

it('replaces the join code, and the old one stops working', function (): void {
    $old = $this->quilt->invitations()->firstOrFail()->code;
    $this->post("{$this->base}/invitation")->assertSessionHas('status');
    $new = $this->quilt->invitations()->whereNull('revoked_at')->firstOrFail()->code;
    $this->get("/join/$old")->assertNotFound();
    $this->get("/join/$new")->assertOk();
    $this->post('/join', ['code' => $old])->assertSessionHasErrors(['code' => __('join.unknown_code')]);
});

it('asks the same few queries for three members and for three hundred', function (): void {
    $this->release($this->quilt);
    $count = function (): int {
        $this->actingAs($this->owner->fresh());
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get("{$this->base}/people")->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $begin = function (int $members): void {
        for ($i = 0; $i < $members; $i++) {
            DB::table('clue_progress')->insert(
                [
                    'project_id' => $this->project($this->quilt)->id,
                    'clue_id' => $this->clue($this->quilt, 1)->id,
                    'done' => 1,
                    'total' => 304,
                ],
            );
        }
    };
    $begin(3);
    $count();
    $few = $count();
    $begin(297);

    expect($count())->toBe($few)->and($few)->toBeLessThanOrEqual(12);
});

it('mails members once when a clue opens, and not when it was taken back before the mail went out', function (): void {
    $project = $this->project($this->quilt);
    $this->project($this->quilt, user: $project->user);
    $this->release($this->quilt);
    $this->artisan('dew:announce-releases')->assertSuccessful();
    $this->artisan('dew:announce-releases')->assertSuccessful();
    $posts = Post::query()->addressedTo($project->user->email)->get();
    expect($posts)->toHaveCount(1)->and($posts[0]->subject)->toBe('Night Ferry: clue 1 is open');

    Queue::fake();
    $clue = $this->release($this->quilt, 2);
    $this->artisan('dew:announce-releases');
    Queue::assertPushed(SendNotices::class, 1);
    $clue->forceFill(['withdrawn_at' => now()])->save();
    (new SendNotices)->handle();
    expect(Post::query()->count())->toBe(1)
        ->and(Clue::query()->whereKey($clue->id)->value('announced_at'))->not->toBeNull();

    // Shown again at the hour it had, the mail goes out after all.
    $clue->forceFill(['withdrawn_at' => null])->save();
    (new SendNotices)->handle();
    expect(Post::query()->count())->toBe(2);
});

it('sends what a crash left unsent, each person once, and goes on past an address that is refused', function (): void {
    $members = array_map(fn (): Project => $this->project($this->quilt), range(1, 3));
    $this->release($this->quilt);
    Queue::fake();
    $this->artisan('dew:announce-releases');
    // A worker claims everything and dies after the first mail; the mail server refuses the second address.
    Notice::query()->update(['claimed_at' => now(), 'attempts' => 1]);
    Notice::query()->where('user_id', $members[0]->user_id)->update(['sent_at' => now()]);
    (new SendNotices)->handle();
    expect(Post::query()->count())->toBe(0);

    // Two minutes at most: one that the claim holds, and one until the scheduler looks again.
    $this->travel(61)->seconds();
    $this->artisan('dew:announce-releases');
    Queue::assertPushed(SendNotices::class, 2);
    Event::listen(function (MessageSending $sending) use ($members): void {
        if ($sending->message->getTo()[0]->getAddress() === $members[1]->user->email) {
            throw new RuntimeException('550 No such mailbox');
        }
    });
    (new SendNotices)->handle();
    expect(Post::query()->pluck('addressee')->all())->toBe([$members[2]->user->email])
        ->and(Notice::query()->where('user_id', $members[1]->user_id)->sole())->sent_at->toBeNull()->attempts->toBe(2);
    foreach (range(1, 9) as $time) {
        $this->travel(11)->minutes();
        (new SendNotices)->handle();
    }
    expect(Notice::query()->where('user_id', $members[1]->user_id)->sole()->attempts)->toBe(Notice::MOST_ATTEMPTS)
        ->and(Post::query()->count())->toBe(1);
});

it('tells of a clue again that was withdrawn and scheduled anew', function (): void {
    $project = $this->project($this->quilt);
    $clue = $this->release($this->quilt);
    $this->artisan('dew:announce-releases');
    $clue->refresh()->forceFill(['withdrawn_at' => now()])->save();
    app(ScheduleClue::class)->at($clue, now()->addDays(2)->format('Y-m-d'), '09:00', 'UTC');
    $this->travel(3)->days();
    $this->artisan('dew:announce-releases');
    expect(Post::query()->addressedTo($project->user->email)->count())->toBe(2);
});

it('writes and sends a thousand notices in few statements', function (): void {
    $users = collect(range(1, 250))->map(fn (int $number): array => [
        'name' => "Member $number", 'email' => "member-$number@rivers.example", 'password' => 'x',
    ]);
    User::query()->insert($users->all());
    $ids = User::query()->where('email', 'like', 'member-%')->pluck('id');
    Project::query()->insert($ids->map(fn (int $id): array => [
        'id' => (string) Str::ulid(), 'user_id' => $id, 'quilt_along_id' => $this->quilt->id, 'name' => 'Mine', 'size_key' => 's-throw',
        'colourway_key' => 'c-last-boat', 'created_at' => now(), 'updated_at' => now(),
    ])->all());
    $this->release($this->quilt);
    Queue::fake();
    DB::enableQueryLog();
    $this->artisan('dew:announce-releases');
    expect(count(DB::getQueryLog()))->toBeLessThanOrEqual(6)->and(Notice::query()->count())->toBe(250);
    Queue::assertPushed(SendNotices::class, 3);
    DB::flushQueryLog();
    (new SendNotices)->handle();
    // For each person the mark and the mail in the tray; what they are told is read for all of them together.
    expect(count(DB::getQueryLog()))->toBeLessThanOrEqual(2 * SendNotices::AT_ONCE + 8)->and(Post::query()->count())->toBe(100);
    (new SendNotices)->handle();
    (new SendNotices)->handle();
    expect(Post::query()->count())->toBe(250)->and(Post::query()->distinct()->count('addressee'))->toBe(250);
});
