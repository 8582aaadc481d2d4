<?php

declare(strict_types=1);

use App\Models\Role;
use App\Support\ExpiredCache;
use App\Support\Openings;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->release($this->quilt);
    $this->mine = $this->project($this->quilt, 's-crib');
    $this->page = "/q/{$this->mine->id}";
    $this->actingAs($this->mine->user);
});

/** How many sheets of clues a page reads. */
function sheetsRead(callable $asks): int
{
    DB::flushQueryLog();
    DB::enableQueryLog();
    $asks();
    $bodies = array_filter(DB::getQueryLog(), fn (array $query): bool => str_contains($query['query'], '"sheets"')
        && (str_contains($query['query'], '"clue_key" = ?') && in_array('clue', $query['bindings'], true)));

    return count($bodies);
}

it('draws the fabrics and bags of a clue once, and reads no sheet for them again', function (string $page): void {
    expect(sheetsRead(fn () => $this->get($this->page.$page)->assertOk()))->toBe(1);
    expect(sheetsRead(fn () => $this->get($this->page.$page)->assertOk()))->toBe(0);
    // A further clue is drawn by itself.
    $this->release($this->quilt, 4);
    expect(sheetsRead(fn () => $this->get($this->page.$page)->assertOk()))->toBe(1);
    expect(sheetsRead(fn () => $this->get($this->page.$page)->assertOk()))->toBe(0);
})->with(['/fabrics', '/bench']);

it('draws anew whatever changes what is shown', function (): void {
    $before = (string) $this->get("{$this->page}/fabrics")->assertSeeText('3⅞')->getContent();
    $settings = ['name' => 'Mine', 'size_key' => 's-crib', 'colourway_key' => 'c-last-boat', 'notation' => 'in', 'usable_width' => ''];
    foreach ([['notation' => 'cm'], ['size_key' => 's-queen'], ['colourway_key' => 'c-first-boat'], ['usable_width' => '20']] as $change) {
        $this->patch("{$this->page}/quilt", [...$settings, ...$change])->assertSessionHasNoErrors();
        expect((string) $this->get("{$this->page}/fabrics")->getContent())->not->toBe($before, json_encode($change));
        $this->patch("{$this->page}/quilt", $settings);
    }
    $this->put("{$this->page}/clues/1/method", ['kind' => 'hst', 'method' => 'hst:eight']);
    $this->get("{$this->page}/fabrics")->assertSeeText('7¾')->assertDontSeeText('3⅞');
    $this->put("{$this->page}/clues/1/method", ['kind' => 'hst', 'method' => 'hst:two']);
    $this->put("{$this->page}/fabrics/f-deep", ['cloth' => 'Mine', 'colour' => '#0a0b0c']);
    $this->get("{$this->page}/bench")->assertSee('#0a0b0c', false);
});

it('shows counts as they are, and nothing of a clue that was withdrawn', function (): void {
    $this->get("{$this->page}/bench")->assertSeeText('0 of 40');
    $this->tap($this->mine, ['amount' => 7, 'counter' => 'trimmed']);
    $this->get("{$this->page}/bench")->assertSeeText('7 of 40');
    $this->clue($this->quilt, 1)->forceFill(['withdrawn_at' => now()])->save();
    $this->get("{$this->page}/bench")->assertDontSeeText('of 40');
    $this->get("{$this->page}/fabrics")->assertDontSeeText('3⅞');
});

it('cuts only the remainder for somebody who changed her method half way, not what another drew', function (): void {
    $other = $this->project($this->quilt, 's-crib');
    $this->tap($this->mine, ['amount' => 20]);
    foreach ([$this->mine, $other] as $project) {
        $this->actingAs($project->user)->put("/q/{$project->id}/clues/1/method", ['kind' => 'hst', 'method' => 'hst:eight']);
    }
    $whole = (string) $this->get("/q/{$other->id}/fabrics")->getContent();
    $rest = (string) $this->actingAs($this->mine->user)->get("{$this->page}/fabrics")->getContent();
    expect(preg_match('/<b class="cut-count">5<\/b>/', $whole))->toBe(1)->and(preg_match('/<b class="cut-count">3<\/b>/', $rest))->toBe(1);
});

it('draws a clue once for everybody who reads the same, with counts, addresses and tokens of their own', function (): void {
    $other = $this->project($this->quilt, 's-crib');
    $this->tap($this->mine, ['amount' => 7]);
    $mine = "{$this->page}/clues/1";
    $theirs = "/q/{$other->id}/clues/1";
    expect(sheetsRead(fn () => $this->get($mine)->assertOk()->assertSee('<output>7</output>', false)))->toBe(1);
    expect(sheetsRead(fn () => $this->get($mine)->assertOk()->assertSee('<output>7</output>', false)))->toBe(0);
    $this->actingAs($other->user);
    expect(sheetsRead(fn () => $this->get($theirs)->assertOk()
        ->assertDontSee('<output>7</output>', false)
        ->assertSee("$theirs/method", false)
        ->assertDontSee($mine, false)))->toBe(0);
    $html = (string) $this->get($theirs)->getContent();
    expect(substr_count($html, 'name="id"'))->toBe(1)->and(substr_count($html, 'data-undo'))->toBe(1);
    preg_match_all('/name="_token" value="([^"]*)"/', $html, $tokens);
    expect(array_unique($tokens[1]))->toHaveCount(1)->and($tokens[1][0])->not->toBe('')
        // One for the counters, one for each way of making that can be chosen, and one for what is pressed already.
        ->and(count($tokens[1]))->toBe(1 + substr_count($html, 'name="kind"') + substr_count($html, 'name="done" value="planned"'));
});

it('draws the whole quilt once for each size and colourway of a published version', function (): void {
    $read = function (string $query): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->actingAs($this->person($this->quilt, Role::Owner))->get(
            "/host/{$this->quilt->slug}/design/published?$query",
        )->assertOk()->assertSee('quilt-picture');

        return count(array_filter(DB::getQueryLog(), fn (array $asked): bool => in_array('quilt', $asked['bindings'], true)));
    };
    foreach (['size=s-crib', 'size=s-queen', 'size=s-crib&colourway=c-first-boat'] as $query) {
        expect([$read($query), $read($query)])->toBe([1, 0], $query);
    }
});

it('lets nobody write what would pass for an opening', function (): void {
    $open = new Openings;
    $parts = $open->cut("a {$open->at('one')} b {$open->at('two:x')} c one;");
    expect($parts)->toBe(['a ', 'one', ' b ', 'two:x', ' c one;'])
        ->and(Openings::fill($parts, ['one' => '1', 'two:x' => 'two:x;']))->toBe('a 1 b two:x; c one;')
        ->and(Openings::fill($parts, ['one' => '1']))->toBe('a 1 b  c one;')
        ->and((new Openings)->cut("{$open->at('one')}"))->toHaveCount(1);
});

it('takes pages that were kept too long out of the cache every day', function (): void {
    config(['cache.default' => 'database']);
    Cache::store('database')->put('drawn:old', 'old', 60);
    Cache::store('database')->put('drawn:new', 'new', 3 * 86400);
    $this->travel(2)->days();
    $event = collect(app(Schedule::class)->events())->firstWhere('description', 'expired-cache');
    expect($event?->expression)->toBe('0 0 * * *');
    $event->run(app());
    expect(DB::table('cache')->where('key', 'like', '%drawn:old')->exists())->toBeFalse()
        ->and(DB::table('cache')->where('key', 'like', '%drawn:new')->exists())->toBeTrue();
    config(['cache.default' => 'array']);
    expect(ExpiredCache::forget())->toBe(0);
});
