<?php

declare(strict_types=1);

use App\Actions\RemoveQuilt;
use App\Models\HandPart;
use App\Models\HandState;
use App\Models\Progress;
use App\Models\Project;
use App\Models\Role;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->release($this->quilt);
    $this->host = $this->person($this->quilt, Role::Owner);
    $this->mine = $this->project($this->quilt);
    $this->tap($this->mine, ['amount' => 7])->assertOk();
    $this->page = "/q/{$this->mine->id}";
    $this->people = "/host/{$this->quilt->slug}/people";
});

it('lets a member leave a quilt, which is gone from every page, and bring it back for a day with what was counted', function (): void {
    $this->actingAs($this->mine->user)->get("$this->page/quilt")->assertSee('Leave “Mine”')->assertSee('kept for a day');
    $this->delete("$this->page/quilt")->assertRedirect('/home');
    $this->get("$this->page/clues/1")->assertNotFound();
    $this->tap($this->mine, ['amount' => 1])->assertNotFound();
    expect($this->mine->user->fresh()->roleIn($this->quilt))->toBeNull();
    $this->actingAs($this->host)->get($this->people)->assertOk()->assertDontSee($this->mine->user->name);
    // Nobody else brings it back, not even a host.
    $this->post("/left/{$this->mine->id}")->assertNotFound();
    $this->post("$this->people/{$this->mine->id}")->assertNotFound();

    $this->actingAs($this->mine->user)->get('/home')->assertSee('You left “Mine”');
    $this->post("/left/{$this->mine->id}")->assertRedirect($this->page);
    $this->get("$this->page/clues/1")->assertOk()->assertSee('<output>7</output>', false);
    expect($this->mine->user->fresh()->roleIn($this->quilt))->toBe(Role::Member);
    $this->post("/left/{$this->mine->id}")->assertNotFound();
});

it('keeps somebody a member who leaves the second quilt that was begun by mistake', function (): void {
    $second = $this->project($this->quilt, 's-crib', $this->mine->user);
    $this->actingAs($this->mine->user)->delete("/q/$second->id/quilt")->assertRedirect('/home');
    $this->get("/q/$second->id")->assertNotFound();
    $this->get($this->page)->assertOk();
    expect($this->mine->user->fresh()->roleIn($this->quilt))->toBe(Role::Member);
});

it('lets a host remove a quilt and bring it back, and its maker not', function (): void {
    $this->actingAs($this->host)->get($this->people)->assertSee('What was counted in it is kept for a day', false);
    $this->delete("$this->people/{$this->mine->id}")->assertRedirect($this->people);
    $this->get($this->people)->assertSee('You can bring it back for a day.');
    $this->get("/host/{$this->quilt->slug}/history")->assertSee('was removed');
    $this->actingAs($this->mine->user)->get('/home')->assertDontSee('You left');
    $this->post("/left/{$this->mine->id}")->assertNotFound();
    $this->actingAs($this->host)->post("$this->people/{$this->mine->id}")->assertRedirect($this->people);
    $this->actingAs($this->mine->user)->get("$this->page/clues/1")->assertOk()->assertSee('<output>7</output>', false);

    // Somebody who only helps, and the host of another quilt-along, remove nothing.
    $other = $this->quiltAlong();
    $this->actingAs($this->person($other, Role::Owner))->delete("/host/$other->slug/people/{$this->mine->id}")->assertNotFound();
    expect($this->actingAs($this->person($this->quilt, Role::Helper))->delete("$this->people/{$this->mine->id}")->getStatusCode())->toBeIn([403, 404]);
    expect(Project::query()->whereKey($this->mine->id)->exists())->toBeTrue();
});

it('deletes what was left a day ago for good, and frees the parts that were to be sewn at once', function (): void {
    $parts = [];
    foreach ([HandState::Out, HandState::Sent] as $number => $state) {
        $part = new HandPart(['key' => "place:$number", 'kind' => 'block', 'number' => $number + 1, 'label' => "Block $number", 'state' => $state]);
        $part->quilt_along_id = $this->quilt->id;
        $part->holder_id = $this->mine->user_id;
        $part->save();
        $parts[] = $part;
    }
    $this->actingAs($this->mine->user)->delete("$this->page/quilt");
    expect($parts[0]->fresh()->state)->toBe(HandState::Free)->and($parts[0]->fresh()->holder_id)->toBeNull()
        ->and($parts[1]->fresh()->state)->toBe(HandState::Sent);
    $remove = app(RemoveQuilt::class);
    expect($remove->purge())->toBe(0);
    $this->travel(25)->hours();
    $this->get('/home')->assertDontSee('You left');
    $this->post("/left/{$this->mine->id}")->assertNotFound();
    expect($remove->purge())->toBe(1)->and(Progress::query()->count())->toBe(0)->and(DB::table('projects')->count())->toBe(0);
});
