<?php

declare(strict_types=1);

use App\Models\ClueState;
use App\Models\HistoryEntry;
use App\Models\Role;
use App\Models\TestRemark;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->owner = $this->person($this->quilt, Role::Owner);
    $this->host = "/host/{$this->quilt->slug}";
    $this->actingAs($this->owner);
});

it('keeps what is done with dates, and takes it back', function (): void {
    $this->put(
        "$this->host/clues/1/release", ['date' => now()->addWeek()->format('Y-m-d'), 'time' => '09:00', 'zone' => 'UTC'],
    )->assertRedirect();
    $first = $this->clue($this->quilt, 1)->release_at;
    $this->put("$this->host/clues/1/release", ['date' => now()->addWeeks(2)->format('Y-m-d'), 'time' => '09:00', 'zone' => 'UTC']);
    $deed = HistoryEntry::query()->latest('id')->firstOrFail();
    $this->get("$this->host/history")->assertOk()->assertSeeText('Clue 1 is set to open on')->assertSeeText($this->owner->name);
    $this->delete("$this->host/history/$deed->id")->assertSessionHasNoErrors();

    expect($this->clue($this->quilt, 1)->release_at->equalTo($first))->toBeTrue();
    $this->get("$this->host/history")->assertSeeText('Undone: Clue 1 is set to open on');
    $this->delete("$this->host/history/$deed->id")->assertSessionHasErrors('deed');
});

it('brings back a clue that was withdrawn by mistake, and hides none that is open', function (): void {
    $this->release($this->quilt);
    $this->delete("$this->host/clues/1/release")->assertRedirect();
    $deed = HistoryEntry::query()->firstOrFail();
    $this->delete("$this->host/history/$deed->id")->assertSessionHasNoErrors();
    expect($this->clue($this->quilt, 1)->state())->toBe(ClueState::Released);

    $this->put("$this->host/clues/2/release", ['date' => now()->addDay()->format('Y-m-d'), 'time' => '09:00', 'zone' => 'UTC']);
    $scheduled = HistoryEntry::query()->latest('id')->firstOrFail();
    $this->travelTo(now()->addDays(3));
    $this->delete("$this->host/history/$scheduled->id")->assertSessionHasErrors('deed');
    expect($this->clue($this->quilt, 2)->state())->toBe(ClueState::Released);
});

it('takes settings back, for owners alone', function (): void {
    $about = [
        'name' => 'Another name', 'pace' => 'weekly', 'clue_word' => 'clue', 'zone' => 'Europe/Dublin', 'units' => 'cm', 'secret' => '1',
    ];
    $was = $this->quilt->fresh()->only(['name', 'zone']);
    $this->put("$this->host/settings", $about)->assertSessionHasNoErrors();
    $deed = HistoryEntry::query()->firstOrFail();
    $this->actingAs($this->person($this->quilt, Role::Helper))->delete("$this->host/history/$deed->id")->assertForbidden();
    $this->actingAs($this->owner)->delete("$this->host/history/$deed->id")->assertSessionHasNoErrors();

    expect($this->quilt->fresh()->only(['name', 'zone']))->toBe($was);
});

it('gives a clue a rough date, which stands on the stitch line and in the feed and opens nothing', function (): void {
    $project = $this->project($this->quilt);
    $project->update(['feed_key' => str_repeat('f', 40)]);
    $day = now()->addDays(10)->format('Y-m-d');
    $this->put("$this->host/clues/1/about", ['about' => 'in a week or two', 'about_date' => $day])->assertSessionHasNoErrors();
    $this->put("$this->host/clues/2/about", ['about' => 'once all have caught up'])->assertSessionHasNoErrors();
    $this->put("$this->host/clues/3/about", ['about' => 'soon', 'about_date' => '2020-01-01'])->assertSessionHasErrors('about_date');
    $this->get("$this->host/clues")->assertSeeText('in a week or two');

    $feed = (string) $this->get('/feed/'.str_repeat('f', 40))->assertOk()->getContent();
    expect(str_replace("\r\n ", '', $feed))->toContain('in a week or two')->toContain('TENTATIVE')->toContain(str_replace('-', '', $day))
        ->toContain('BEGIN:VTODO')->toContain('once all have caught up')->not->toContain('Casting off')
        ->and(Sabre\VObject\Reader::read($feed)->validate())->toBe([]);
    $this->actingAs($project->user)->get("/q/{$project->id}")->assertSeeText('Clue 1 opens')->assertSeeText('in a week or two')
        ->assertDontSeeText('Casting off');
    $this->travelTo(now()->addMonth());
    $this->get("/q/{$project->id}/clues/1")->assertNotFound();
    $this->actingAs($this->owner)->post("$this->host/clues/1/release");
    $this->travel(HistoryEntry::SECONDS)->seconds();
    expect($this->clue($this->quilt, 1)->about)->toBeNull();
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertOk();
});

it('lets testers leave remarks at a step or a number, and keeps them on the proof page until they are answered', function (): void {
    $helper = $this->person($this->quilt, Role::Helper);
    $remark = ['words' => 'It comes out small.', 'place' => 'Beam half-square triangle measures 3½ in unfinished', 'size' => 'Throw'];
    $this->actingAs($helper)->post("$this->host/clues/1/remarks", $remark)->assertForbidden();
    $this->get("$this->host/clues/1")->assertOk()->assertDontSeeText('Leave a remark');
    $membership = $this->quilt->memberships()->where('user_id', $helper->id)->firstOrFail();
    $this->actingAs($this->owner)->patch("$this->host/helpers/$membership->id", ['may_test' => '1'])->assertRedirect();
    $tester = $helper->fresh();
    $this->actingAs($tester)->get("$this->host/clues/1")->assertSeeText('On which step or number')->assertSee(
        'Beam half-square triangle, 1: ',
    );
    $this->post("$this->host/clues/1/remarks", ['words' => ''] + $remark)->assertSessionHasErrors('words');
    $this->post("$this->host/clues/1/remarks", $remark)->assertSessionHasNoErrors();
    $this->actingAs($this->owner)->get("$this->host/design/proof")->assertSeeText('It comes out small.')->assertSeeText('Beam half-square');
    $id = TestRemark::query()->value('id');
    $this->put("$this->host/remarks/$id", ['answer' => 'The seam was wide.'])->assertSessionHasNoErrors();

    $this->get("$this->host/design/proof")->assertDontSeeText('It comes out small.');
    $this->get("$this->host/clues/1")->assertSeeText('Answer: The seam was wide.');
    $this->actingAs($this->project($this->quilt)->user)->get("$this->host/clues/1")->assertNotFound();
});

it('lets testers say which tasks they have sewn as the clue says, and take it back', function (): void {
    $sewn = ['size' => 'Throw', 'place' => 'Beam half-square triangle'];
    $this->actingAs($this->person($this->quilt, Role::Helper))->post("$this->host/clues/1/sewn/t-beam", $sewn)->assertForbidden();
    $this->actingAs($this->owner)->post("$this->host/clues/1/sewn/t-beam", $sewn)->assertSessionHasNoErrors();
    $this->get("$this->host/clues/1?size=s-throw")->assertSeeText('came out right, by '.$this->owner->name.' (Throw)');
    $this->get("$this->host/design/proof")->assertDontSeeText('Remarks of testers');
    $this->post("$this->host/clues/1/sewn/t-beam", $sewn);
    $this->get("$this->host/clues/1")->assertDontSeeText('came out right, by');
});

it('previews a clue at any hour, in any size, colourway, method and notation', function (): void {
    $opens = now()->addWeek()->startOfHour();
    $this->clue($this->quilt, 1)->forceFill(['release_at' => $opens, 'zone' => $this->quilt->zone])->save();
    $at = fn (Carbon\CarbonInterface $moment): string => urlencode($moment->setTimezone($this->quilt->zone)->format('Y-m-d\TH:i'));
    $page = "$this->host/clues/1?size=s-queen&hst=hst:eight&notation=cm&colourway=c-last-boat";

    $this->get("$page&at=".$at($opens->subHour()))->assertOk()->assertSeeText('Members could not read clue 1')->assertSeeText('Make 200');
    $this->get("$page&at=".$at($opens->addHour()))->assertOk()->assertDontSeeText('Members could not read clue 1')->assertSee('cm')
        ->assertSeeText('Eight at a time');
    $this->get("$page&at=nonsense")->assertOk();
});
