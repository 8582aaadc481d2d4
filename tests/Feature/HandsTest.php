<?php

declare(strict_types=1);

use App\Models\HandMove;
use App\Models\HandPart;
use App\Models\HandState;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->quilt->update(['many_hands' => true]);
    $this->quilt->clues()->update(['release_at' => now()->subHour()]);
    $this->host = $this->person($this->quilt, Role::Owner);
    $this->mara = $this->project($this->quilt);
    $this->tobias = $this->project($this->quilt);
    $this->page = "/host/{$this->quilt->slug}/hands";
    $this->actingAs($this->host)->post($this->page, ['size' => 's-throw'])->assertSessionHasNoErrors();
});

function handPart(TestCase $test, int $place): HandPart
{
    return $test->quilt->handParts()->where('key', "place:$place")->sole();
}

/** @param  array<string, mixed>  $with */
function deal(TestCase $test, User $to, HandPart $part, array $with = []): TestResponse
{
    return $test->actingAs($test->host)->post("$test->page/deal", $with + ["part_$part->id" => (string) $part->revision, 'to' => $to->id]);
}

/** @param  array<string, mixed>  $asked */
function host(TestCase $test, HandPart $part, array $asked): TestResponse
{
    return $test->actingAs($test->host)->put("$test->page/$part->id", $asked + ['revision' => $part->refresh()->revision]);
}

it('lists every block, row and border of a size, once, with what each has to measure', function (): void {
    $parts = $this->quilt->handParts()->get();
    // 25 blocks, 5 rows, the joining of the rows, and two steps for each of two borders.
    expect($parts->groupBy('kind')->map->count()->all())->toEqualCanonicalizing(['block' => 25, 'row' => 5, 'join' => 1, 'border' => 4])
        ->and(handPart($this, 0)->asked()?->encode())->toBe('25/2 x 25/2');
    $this->post($this->page, ['size' => 's-throw'])->assertSessionHasNoErrors();
    expect($this->quilt->handParts()->count())->toBe(35);
    $this->post($this->page, ['size' => 's-nothing'])->assertSessionHasErrors('size');
    $this->get($this->page)->assertOk()->assertSee('0 of 35 parts')->assertSee('Nothing is due');
});

it('deals out, is handed on, comes back, is measured and accepted, and fills the wall', function (): void {
    $part = handPart($this, 3);
    deal($this, $this->mara->user, $part, ['due' => now()->subDay()->format('Y-m-d'), 'pack' => '4'])->assertSessionHasNoErrors();
    expect($part->refresh()->holder_id)->toBe($this->mara->user_id)->and($part->isOverdue())->toBeTrue();
    $this->get($this->page)->assertSee('overdue')->assertSee($this->mara->user->name);
    $mine = "/q/{$this->mara->id}/hands";
    $this->actingAs($this->mara->user)->get($mine)->assertOk()->assertSee('A4, Slow Propeller')->assertSee('Pack 4')->assertSee('press-flag');
    $this->put("$mine/$part->id", ['do' => 'hand_on', 'to' => $this->tobias->user_id])->assertSessionHasNoErrors();
    // It is no longer hers to do anything with.
    $this->put("$mine/$part->id", ['do' => 'sent'])->assertSessionHasErrors(['hands' => __('hands.wrong.not_yours')]);
    $this->actingAs($this->tobias->user)->put("/q/{$this->tobias->id}/hands/$part->id", ['do' => 'sent'])->assertSessionHasNoErrors();
    expect($part->refresh()->state)->toBe(HandState::Sent);

    host($this, $part, ['do' => 'remark', 'words' => ''])->assertSessionHasErrors('hands');
    host($this, $part, ['do' => 'remark', 'words' => 'The centre seam is open.'])->assertSessionHasNoErrors();
    $this->actingAs($this->tobias->user)->get("/q/{$this->tobias->id}/hands")->assertSee('The centre seam is open.');
    host($this, $part, ['do' => 'accept', 'width' => '12 1/2', 'height' => '11 3/4'])->assertSessionHasNoErrors();
    // Too small by ¾ in: it is not accepted until somebody decides.
    $this->get($this->page)->assertSee('0 of 35 parts')->assertSee('Sew a plain strip cut 1¼', false)->assertSee('not accepted until you decide');
    expect($part->refresh()->state)->toBe(HandState::Sent)
        ->and(HandMove::query()->pluck('what')->all())->toBe(['dealt', 'handed_on', 'sent', 'remarked', 'measured']);
    $this->actingAs($this->tobias->user)->get("/q/{$this->tobias->id}")->assertSee('came back too small');
    host($this, $part, ['do' => 'accept_small'])->assertSessionHasNoErrors();
    expect($part->refresh()->state)->toBe(HandState::Accepted)->and($part->measured()?->height->toFloat())->toBe(11.75);
    // Once the strip is sewn on it is measured again, and nothing is left to do.
    host($this, $part, ['do' => 'accept'])->assertSessionHasNoErrors();
    $this->get($this->page)->assertDontSee('Sew a plain strip');
    $this->actingAs($this->mara->user)->get($mine)->assertSee('1 of 35 parts');
});

it('shows on Now which parts are somebody\'s and what is due, and no counts of the whole quilt', function (): void {
    $now = "/q/{$this->mara->id}";
    $this->actingAs($this->mara->user)->get($now)->assertOk()->assertSee('You have no part at the moment')->assertSee('parts are free to take');
    [$first, $second] = [handPart($this, 0), handPart($this, 1)];
    deal($this, $this->mara->user, $first, ['due' => now()->addDays(9)->toDateString()]);
    deal($this, $this->mara->user, $second, ['due' => now()->subDays(2)->toDateString()]);
    $page = (string) $this->actingAs($this->mara->user)->get($now)->assertOk()->assertSee('2 parts are yours')
        ->assertSee(now()->addDays(9)->isoFormat('LL'))->assertSee('overdue')->getContent();
    // What is due first stands on top.
    expect(strpos($page, "<b>$second->label</b>"))->toBeLessThan(strpos($page, "<b>$first->label</b>"))
        ->and($page)->not->toMatch('/\\d+ of \\d+/')->not->toContain('Make ');
    $clue = (string) $this->get("$now/clues/1")->assertOk()->assertSee('in the whole quilt, shared out among you')->getContent();
    expect($clue)->not->toMatch('/>\\s*Make \\d/');
});

it('lets a member take a free part, and undo sending it and handing it on', function (): void {
    [$part, $other] = [handPart($this, 0), handPart($this, 1)];
    [$mine, $theirs] = ["/q/{$this->mara->id}/hands", "/q/{$this->tobias->id}/hands"];
    $this->actingAs($this->mara->user)->get($mine)->assertSee('Nobody has these yet.');
    $this->put("$mine/$part->id", ['do' => 'take'])->assertSessionHasNoErrors();
    expect($part->refresh()->holder_id)->toBe($this->mara->user_id);
    $this->actingAs($this->tobias->user)->put("$theirs/$part->id", ['do' => 'take'])
        ->assertSessionHasErrors(['hands' => __('hands.wrong.taken', ['part' => $part->label])]);

    // On its way it is handed on to nobody; that it was sent can be taken back.
    $this->actingAs($this->mara->user)->put("$mine/$part->id", ['do' => 'sent'])->assertSessionHasNoErrors();
    $this->put("$mine/$part->id", ['do' => 'hand_on', 'to' => $this->tobias->user_id])
        ->assertSessionHasErrors(['hands' => __('hands.wrong.on_its_way', ['part' => $part->label])]);
    $this->get($mine)->assertSee('You sent '.$part->label)->assertDontSee("to-$part->id");
    $this->put("$mine/$part->id", ['do' => 'undo'])->assertSessionHasNoErrors();
    expect($part->refresh()->state)->toBe(HandState::Out);

    $this->put("$mine/$part->id", ['do' => 'hand_on', 'to' => $this->tobias->user_id])->assertSessionHasNoErrors();
    $this->get($mine)->assertSee('You handed on '.$part->label);
    $this->put("$mine/$part->id", ['do' => 'undo'])->assertSessionHasNoErrors();
    expect($part->refresh()->holder_id)->toBe($this->mara->user_id);
    $this->put("$mine/$part->id", ['do' => 'hand_on', 'to' => $this->tobias->user_id]);
    $this->actingAs($this->tobias->user)->put("$theirs/$part->id", ['do' => 'sent'])->assertSessionHasNoErrors();
    $this->actingAs($this->mara->user)->put("$mine/$part->id", ['do' => 'undo'])->assertSessionHasErrors('hands');

    // Nothing is taken of a clue that is not open.
    $this->quilt->clues()->update(['release_at' => null]);
    $this->put("$mine/$other->id", ['do' => 'take'])->assertSessionHasErrors(['hands' => __('hands.wrong.not_open', ['part' => $other->label])]);
});

it('says which date it wants where a number too large for one came', function (): void {
    $part = handPart($this, 3);
    $this->actingAs($this->host)->postJson("$this->page/deal", [
        'due' => '__NUMBER__', "part_$part->id" => (string) $part->revision, 'to' => $this->mara->user->id,
    ])->assertUnprocessable()->assertJsonValidationErrors(['due']);
    foreach (['9223372036854775807', '9223372036854775808', '1e308', '0.5'] as $number) {
        $body = sprintf('{"due": %s, "part_%d": "%d", "to": %d}', $number, $part->id, $part->revision, $this->mara->user->id);
        $answer = $this->call('POST', "$this->page/deal", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
        expect($answer->getStatusCode())->toBe(422)->and($answer->json('errors'))->toHaveKey('due');
    }
});

it('lets somebody say that she cannot, and the part is dealt anew', function (): void {
    $part = handPart($this, 0);
    deal($this, $this->mara->user, $part);
    $this->actingAs($this->mara->user)->put("/q/{$this->mara->id}/hands/$part->id", ['do' => 'cannot', 'words' => 'My wrist hurts.'])
        ->assertSessionHasNoErrors();
    expect($part->refresh()->state)->toBe(HandState::Free);
    $this->actingAs($this->host)->get($this->page)->assertSee('My wrist hurts.');
    deal($this, $this->tobias->user, $part)->assertSessionHasNoErrors();
    expect($part->refresh()->holder_id)->toBe($this->tobias->user_id);
    host($this, $part, ['do' => 'remark', 'words' => 'One seam is open.'])->assertSessionHasNoErrors();
    host($this, $part, ['do' => 'withdraw'])->assertSessionHasNoErrors();
    expect($part->refresh()->holder_id)->toBeNull();
    // What was said to one does not go on to the next.
    deal($this, $this->mara->user, $part)->assertSessionHasNoErrors();
    expect($part->refresh()->remark)->toBe('');
});

it('refuses in words what cannot be, and loses nothing', function (): void {
    $part = handPart($this, 0);
    $stranger = User::factory()->create();
    deal($this, $stranger, $part)->assertSessionHasErrors(['hands' => __('hands.wrong.no_member')]);
    $this->post("$this->page/deal", ['to' => $this->mara->user_id])->assertSessionHasErrors(['hands' => __('hands.wrong.none_chosen')]);
    deal($this, $this->mara->user, $part, ['due' => 'tomorrow'])->assertSessionHasErrors('due');
    host($this, $part, ['do' => 'accept', 'width' => '12 1/2'])->assertSessionHasErrors('hands');
    // Two hosts deal at once: the second one has seen the part as it was.
    $seen = $part->refresh()->revision;
    deal($this, $this->mara->user, $part)->assertSessionHasNoErrors();
    $other = handPart($this, 1);
    $this->post(
        "$this->page/deal",
        ["part_$part->id" => (string) $seen, "part_$other->id" => (string) $other->revision, 'to' => $this->tobias->user_id],
    )
        ->assertSessionHasErrors(
            ['hands' => __('hands.wrong.dealt_meanwhile', ['part' => $part->label, 'name' => $this->mara->user->name])],
        );
    expect($part->refresh()->holder_id)->toBe($this->mara->user_id)->and($other->refresh()->state)->toBe(HandState::Free);
    host($this, $part, ['do' => 'accept', 'width' => '3'])->assertSessionHasErrors('width');
    host($this, $part, ['do' => 'accept', 'height' => 'tall'])->assertSessionHasErrors('height');
    $this->put("$this->page/$part->id", ['do' => 'accept', 'revision' => 0])->assertSessionHasErrors('hands');
    $this->actingAs($this->mara->user)->put("/q/{$this->mara->id}/hands/$part->id", ['do' => 'hand_on', 'to' => $this->mara->user_id])
        ->assertSessionHasErrors(['hands' => __('hands.wrong.yourself')]);
});

it('deals nothing out that is not open, and is not there for strangers and where nothing is shared', function (): void {
    $this->quilt->clues()->update(['release_at' => null]);
    $part = handPart($this, 1);
    deal($this, $this->mara->user, $part)->assertSessionHasErrors(['hands' => __('hands.wrong.not_open', ['part' => $part->label])]);
    $part->update(['holder_id' => $this->mara->user_id, 'state' => 'out']);
    $this->flushSession();
    $this->actingAs($this->mara->user)->get("/q/{$this->mara->id}/hands")->assertOk()->assertSee(__('hands.not_open'))->assertDontSee('Propeller');
    $this->get($this->page)->assertNotFound();
    $this->put("$this->page/$part->id", ['do' => 'withdraw', 'revision' => 1])->assertNotFound();
    $this->quilt->update(['many_hands' => false]);
    $this->get("/q/{$this->mara->id}/hands")->assertNotFound();
});

it('says so when a later version has taken the size out that was shared out', function (): void {
    $part = handPart($this, 0);
    deal($this, $this->mara->user, $part);
    App\Models\QuiltAlong::query()->whereKey($this->quilt->id)->update(['hands_size' => 's-gone']);
    $this->get($this->page)->assertOk()->assertSee(__('hands.begin'));
    deal($this, $this->tobias->user, handPart($this, 1))->assertSessionHasErrors(['hands' => __('hands.wrong.size')]);
    $this->flushSession();
    $this->actingAs($this->mara->user)->get("/q/{$this->mara->id}/hands")->assertOk()->assertSee(__('hands.not_open'));
});

it('shows a quilt of many parts in a dozen queries', function (): void {
    foreach (range(0, 9) as $place) {
        deal($this, [$this->mara->user, $this->tobias->user][$place % 2], handPart($this, $place));
    }
    foreach ([[$this->host, $this->page], [$this->mara->user, "/q/{$this->mara->id}/hands"]] as [$user, $page]) {
        $this->actingAs($user)->get($page)->assertOk();
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->get($page)->assertOk();
        expect(count(DB::getQueryLog()))->toBeLessThanOrEqual(14, $page);
    }
});
