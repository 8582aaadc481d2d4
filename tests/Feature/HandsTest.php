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
    $this->get($this->page)->assertOk()->assertSee('0 of 35 parts')->assertSee('Nothing falls due');
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
    $this->get($this->page)->assertSee('1 of 35 parts')->assertSee('Sew a plain strip cut 1¼', false);
    expect(HandMove::query()->pluck('what')->all())->toBe(['dealt', 'handed_on', 'sent', 'remarked', 'accepted']);
    // Once the strip is sewn on it is measured again, and nothing is left to do.
    host($this, $part, ['do' => 'accept'])->assertSessionHasNoErrors();
    $this->get($this->page)->assertDontSee('Sew a plain strip');
    $this->actingAs($this->mara->user)->get($mine)->assertSee('1 of 35 parts');
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
        expect(count(DB::getQueryLog()))->toBeLessThanOrEqual(13, $page);
    }
});
