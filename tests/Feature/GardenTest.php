<?php

declare(strict_types=1);

use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\Sheet;
use App\Plans\Unreleased\SheetMissed;
use Dew\Core\Design\DesignReader;
use Illuminate\Support\Facades\Event;

/** Kitchen Garden: curves, kites, strip sets, stars, sashes and whole blocks through the pages. */
beforeEach(function (): void {
    $this->garden = QuiltAlong::factory()->create(['name' => 'Kitchen Garden']);
    Tests\PublishedRows::write($this->garden, (string) file_get_contents(database_path('designs/kitchen-garden.json')));
    $this->member = $this->project($this->garden, 's-lap');
    $this->member->update(['colourway_key' => 'c-allotment']);
    $this->actingAs($this->member->user);
});

it('shows every month at both sizes without compiling anything', function (): void {
    Event::fake([SheetMissed::class]);
    foreach (range(1, 12) as $number) {
        $this->release($this->garden, $number);
        $title = $this->clue($this->garden, $number)->title;
        foreach (['s-lap', 's-bed'] as $size) {
            $this->member->update(['size_key' => $size]);
            $page = $this->get("/q/{$this->member->id}/clues/$number")->assertOk()->assertSeeText($title);
            // No word that a step has no number for, no key of a line of text.
            expect(strip_tags((string) $page->getContent()))->not->toMatch('/(steps|methods|pieces|cutting)\.[a-z_]+/')
                ->not->toMatch('/\s:[a-z]{3,}\b/');
        }
    }
    Event::assertNotDispatched(SheetMissed::class);
});

it('says what is left and what is right, and how far tips stand out', function (): void {
    $this->release($this->garden, 6);
    $this->get("/q/{$this->member->id}/clues/6")
        ->assertSeeText('Bean, leaning right')
        ->assertSeeText('Bean, leaning left')
        ->assertSeeText('All faces up, or singly')
        ->assertSeeText('Cut as the mirror image of its partner.')
        ->assertSeeText('It looks wrong and is right.');
});

it('draws arcs, and takes parts out of bags', function (): void {
    $this->release($this->garden, 8);
    $page = $this->get(
        "/q/{$this->member->id}/clues/8",
    )->assertDontSeeText('From your bags')->assertSeeText('Bath quarter circle')->assertSeeText('3½');

    // The unit, its two pieces and the block: arcs of 2 in, and of 2¼ and 1¾ where they are cut.
    expect((string) $page->getContent())->toContain('A200 200 0 0 1')
        ->toContain('A225 225 0 0 1')
        ->toContain('A175 175 0 0 0');
});

it('counts blocks as finished, not as trimmed', function (): void {
    $this->release($this->garden, 1);
    $counters = $this->getJson("/q/{$this->member->id}/clues/1/counters")->json();

    expect($counters['t-b-seed-packet-trimmed'])->toMatchArray(['done' => 0, 'total' => 1])
        ->and($counters)->not->toHaveKey('t-b-seed-packet-sewn')
        ->and($counters['t-hour4-sewn'])->toMatchArray(['done' => 0, 'total' => 4])
        ->and($counters['t-b-seed-packet-cut-block-rows-u-sq4-linen'])->toMatchArray(['done' => 0, 'total' => 4]);
    $this->get("/q/{$this->member->id}/clues/1")->assertSeeText('Finished');
    $this->get("/q/{$this->member->id}/bench")->assertOk()->assertSeeText('Seed Packet');
    $this->get("/q/{$this->member->id}/fabrics")->assertOk()->assertSeeText('Linen');
});

it('keeps the eleven months to come to itself', function (): void {
    $this->release($this->garden, 1);
    $design = DesignReader::read((string) file_get_contents(database_path('designs/kitchen-garden.json')));
    $later = array_diff_key($design->clues, ['k-seed-packet' => true]);
    foreach (['', '/clues/1', '/fabrics', '/bench', '/quilt', '/clues/1/counters'] as $path) {
        $words = (string) $this->get("/q/{$this->member->id}$path")->getContent();
        foreach ($later as $clue) {
            expect($words)->not->toContain($clue->title);
        }
        foreach (['Squash star', 'Stake kite', 'b-winter-squash', 'u-stake', 'Path sashes'] as $secret) {
            expect($words)->not->toContain($secret);
        }
    }
    $this->get("/q/{$this->member->id}/clues/2")->assertNotFound();
});

it('shows the host every block, and the parts of the setting by their names', function (): void {
    $this->actingAs($this->person($this->garden, Role::Owner));
    $this->get(
        "/host/{$this->garden->slug}/design/published?size=s-bed",
    )->assertOk()->assertSeeText('65×82')->assertSeeText('Winter Squash')->assertSeeText('Stepping stones')->assertSeeText('Path sashes');
});

it('compiles every month at every size ahead, and other ways when somebody chooses them', function (): void {
    expect(Sheet::query()->count())->toBe(2 + 2 + 2 + 2 * 13);
});

it('makes a block that is one unit once, under one name, and says of what is only cut that it is cut', function (): void {
    $this->release($this->garden, 13);
    $page = $this->get("/q/{$this->member->id}/clues/13")->assertOk()->assertSeeText('Winter Squash')->assertDontSeeText('Squash star')
        ->assertDontSeeText('Check one:')->assertSeeText('Cut the strip at 45°, then every')->assertSeeText('measured square to the cut');
    $text = strip_tags((string) $page->getContent());
    expect($text)->toMatch('/Stepping stones\s+Cut \d+/')->not->toMatch('/Stepping stones\s+Make \d+/')
        ->and(substr_count((string) $page->getContent(), 'class="card task"'))->toBe(4);
});

it('lists from the bags what earlier clues made, and not what the clue makes itself', function (): void {
    $this->release($this->garden, 1);
    $this->get("/q/{$this->member->id}/clues/1")->assertDontSeeText('From your bags');
    $ferry = $this->quiltAlong();
    $this->release($ferry, 3);
    $project = $this->project($ferry);
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/3")->assertSeeText('From your bags');
});

it('lets a member turn the parts of a block in another way, and draws it so from then on', function (): void {
    $this->release($this->garden, 2);
    $this->get("/q/{$this->member->id}/clues/2")->assertDontSee('How the parts of')->assertDontSee('Windmills');
    $this->release($this->garden, 3);
    $page = fn (): string => (string) $this->get("/q/{$this->member->id}/clues/3")->assertOk()->getContent();
    $head = function (string $page): string {
        preg_match('#id="t-b-pea-trellis".*?<svg.*?</svg>#s', $page, $found);

        return $found[0];
    };
    $before = $page();
    $counters = $this->getJson("/q/{$this->member->id}/clues/3/counters")->json();
    expect($before)->toContain('How the parts of Pea Trellis are turned: <b>As it is designed</b>')->toContain('Windmills');

    $this->put("/q/{$this->member->id}/clues/3/turns", ['block' => 'b-pea-trellis', 'way' => 'w-windmills', 'from' => 't-b-pea-trellis'])
        ->assertRedirect("/q/{$this->member->id}/clues/3#t-b-pea-trellis")->assertSessionHas('status');
    $after = $page();
    expect($this->member->fresh()->turns)->toBe(['b-pea-trellis' => 'w-windmills'])
        ->and($after)->toContain('are turned: <b>Windmills</b>')
        ->and($head($after))->not->toBe($head($before))
        ->and($this->getJson("/q/{$this->member->id}/clues/3/counters")->json())->toBe($counters);

    // Another member's block stays as it is designed, and so does hers when she changes her mind.
    $other = $this->project($this->garden, 's-lap');
    $other->update(['colourway_key' => 'c-allotment']);
    $this->actingAs($other->user);
    expect($head((string) $this->get("/q/{$other->id}/clues/3")->getContent()))->toBe($head($before));
    $this->actingAs($this->member->user);
    $this->put("/q/{$this->member->id}/clues/3/turns", ['block' => 'b-pea-trellis', 'way' => ''])->assertSessionHasNoErrors();
    expect($this->member->fresh()->turns)->toBe([])->and($head($page()))->toBe($head($before));
});

it('refuses a turn that the design does not offer, in a clue that is open or not', function (): void {
    $this->release($this->garden, 2);
    $ask = fn (int $number, array $sent) => $this->from('/home')->put("/q/{$this->member->id}/clues/$number/turns", $sent);
    $ask(3, ['block' => 'b-pea-trellis', 'way' => 'w-windmills'])->assertNotFound();
    $ask(2, ['block' => 'b-pea-trellis', 'way' => 'w-windmills'])->assertSessionHasErrors(['block']);
    $this->release($this->garden, 3);
    $ask(3, ['block' => 'b-pea-trellis', 'way' => 'w-storm'])->assertSessionHasErrors(['way' => __('tasks.turns.unknown')]);
    $ask(3, ['block' => ['b'], 'way' => ['w']])->assertSessionHasErrors(['block']);
    expect($this->member->fresh()->turns)->toBe([]);
});
