<?php

declare(strict_types=1);

use App\Models\Swatch;
use App\Models\User;
use Illuminate\Database\QueryException;
use Tests\TestCase;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->release($this->quilt);
    $this->project = $this->project($this->quilt);
    /** @var array{fabrics: list<array{id: string}>} $document */
    $document = json_decode(TestCase::document(), true);
    $this->slot = $document['fabrics'][0]['id'];
    $this->page = "/q/{$this->project->id}/fabrics";
    $this->actingAs($this->project->user);
});

it('draws a fabric in her own cloth on every page, and in the colourway\'s when she takes it back', function (): void {
    $this->get($this->page)->assertOk()->assertDontSeeText('Barn sale');
    $this->put("$this->page/$this->slot", ['cloth' => 'Barn sale plaid', 'colour' => '#123ABC'])
        ->assertRedirect("$this->page#fabric-$this->slot");
    $this->get($this->page)->assertSeeText('your Barn sale plaid')->assertSee('fill="#123abc"', false);
    $this->get("/q/{$this->project->id}/clues/1")->assertSeeText('Barn sale plaid')->assertSee('#123abc', false);
    $this->get("/q/{$this->project->id}/bench")->assertOk()->assertSee('#123abc', false);

    $this->put("$this->page/$this->slot", ['cloth' => 'Feed sack', 'colour' => '#445566']);
    expect(Swatch::query()->count())->toBe(1);
    $this->get($this->page)->assertSeeText('your Feed sack')->assertDontSeeText('Barn sale plaid');

    $this->delete("$this->page/$this->slot")->assertRedirect("$this->page#fabric-$this->slot");
    $this->get($this->page)->assertDontSeeText('Feed sack')->assertDontSee('#445566', false);
});

it('says what to change about a cloth, keeps what was entered and opens that form alone', function (): void {
    $this->from($this->page)->followingRedirects()
        ->put("$this->page/$this->slot", ['cloth' => 'Mine', 'colour' => 'blue'])
        ->assertSeeText('Choose a colour.')->assertSee('value="Mine"', false);
    $page = (string) $this->from($this->page)->followingRedirects()->put("$this->page/$this->slot", ['cloth' => '', 'colour' => '#000000'])
        ->assertSeeText('Give the cloth a name.')->getContent();
    expect(preg_match_all('/<details class="own-cloth"\s+open/', $page))->toBe(1)
        ->and(Swatch::query()->count())->toBe(0);
    $this->put("$this->page/$this->slot", ['cloth' => ['x'], 'colour' => ['y']])->assertSessionHasErrorsIn('swatch-'.$this->slot, ['cloth', 'colour']);
});

it('knows no cloth for a fabric that the design does not have, nor for somebody else', function (): void {
    $this->put("$this->page/f-nowhere", ['cloth' => 'X', 'colour' => '#000000'])->assertNotFound();
    $this->delete("$this->page/f-nowhere")->assertNotFound();
    $this->actingAs(User::factory()->create());
    $this->put("$this->page/$this->slot", ['cloth' => 'X', 'colour' => '#000000'])->assertNotFound();
    $this->delete("$this->page/$this->slot")->assertNotFound();
    expect(Swatch::query()->count())->toBe(0);
});

it('stores only colours that a drawing can show', function (): void {
    expect(fn () => $this->project->swatches()->create(['slot_key' => 'f-x', 'name' => 'X', 'colour' => 'red']))->toThrow(QueryException::class);
});
