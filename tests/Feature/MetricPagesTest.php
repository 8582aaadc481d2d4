<?php

declare(strict_types=1);

use App\Models\Post;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\Role;
use Dew\Core\Draft\Place;
use Dew\Core\Measure\Notation;
use Illuminate\Support\Facades\View;
use Illuminate\Support\Str;

/** A length or an area in inches, a fraction of one, or yards; "3 in 100" is none. */
const IN_INCHES = '/[½¼¾⅛⅜⅝⅞⅓⅔⁄]|\d[\s\x{a0}\x{202f}]?(?:in|yd)\b(?! \d| the\b)|\binch(?:es)?\b|\byards?\b|(?<!fat )\b(?:eighth|sixteenth)s?\b/iu';

/** What a person reads on a page, the labels and hints of its fields too. */
function readable(string $html): string
{
    $html = (string) preg_replace('/<(script|style|template|select)\b.*?<\/\1>/s', ' ', $html);
    preg_match_all('/\b(?:placeholder|aria-label|title|alt)="([^"]*)"/', $html, $labels);

    return html_entity_decode((string) preg_replace('/<[^>]*>/', ' ', $html)."\n".implode("\n", $labels[1]));
}

/** @return array{QuiltAlong, Project} everything open to a member who measures in centimetres, with cloth of every kind recorded */
function metricQuilt(Tests\TestCase $test, string $design): array
{
    $quilt = QuiltAlong::factory()->create(['units' => Notation::Centimetres, 'many_hands' => true, 'hands_size' => 's-throw']);
    Tests\PublishedRows::write($quilt, (string) file_get_contents($design));
    $quilt->invitations()->create(['code' => 'METRIC01']);
    foreach ($quilt->clues()->pluck('number') as $number) {
        $test->release($quilt, $number);
    }
    $project = $test->project($quilt);
    $project->update(['notation' => Notation::Centimetres, 'feed_key' => str_repeat('f', 40)]);

    return [$quilt, $project];
}

/**
 * Adds every length in inches of a text to what was found.
 *
 * @param  array<string, true>  $found
 */
function findInches(string $where, string $text, array &$found): void
{
    preg_match_all(IN_INCHES, $text, $inches, PREG_OFFSET_CAPTURE);
    foreach ($inches[0] as [, $at]) {
        $found["$where: ".trim((string) preg_replace('/\s+/', ' ', mb_strcut($text, max(0, $at - 40), 70)))] = true;
    }
}

it('shows no inch on any page, print or mail of a quilt in centimetres', function (string $design): void {
    config(['dew.limits' => array_map(fn (): int => 10_000, config('dew.limits')), 'mail.default' => 'tray']);
    [$quilt, $project] = metricQuilt($this, $design);
    $this->actingAs($project->user);
    foreach ([['yardage', 'f-deep', '300', '106'], ['fat-quarter', 'f-lamp', '', ''], ['scrap', 'f-mist', '20', '15']] as [$kind, $slot, $length, $width]) {
        $this->post("/q/{$project->id}/fabrics/$slot/stock", ['id' => strtolower((string) Str::ulid()), 'kind' => $kind, 'length' => $length, 'width' => $width, 'count' => '2'])
            ->assertSessionHasNoErrors()->assertRedirect();
    }
    // What is printed is read as the page that the printer is given.
    $prints = [];
    View::composer('print.*', function ($view) use (&$prints): void {
        $prints[$view->name()] ??= $view->getData();
    });
    $found = [];
    $pages = 0;
    foreach ([$project->user, $this->person($quilt, Role::Owner)] as $person) {
        $this->actingAs($person->fresh());
        foreach (everyAddress($project->id, $quilt->slug, 'METRIC01') as [$method, $address]) {
            $several = array_map(fn (string $to): string => str_replace('/clues/1', "/clues/$to", $address), ['1', '3', '5', '8']);
            $isOfAQuilt = $method === 'GET' && ! in_array($address, ['/start', '/style'], true);
            foreach ($isOfAQuilt ? array_unique($several) : [] as $to) {
                $response = $this->get($to);
                expect($response->status())->not->toBe(500, $to);
                if ($response->status() === 200 && str_contains((string) $response->headers->get('Content-Type'), 'text/html')) {
                    $pages++;
                    findInches($to, readable((string) $response->getContent()), $found);
                }
            }
        }
    }
    foreach ($prints as $name => $data) {
        findInches($name, readable(view($name, $data)->render()), $found);
    }
    $this->artisan('dew:announce-releases')->assertSuccessful();
    foreach (Post::query()->get() as $post) {
        findInches('mail', $post->subject.' '.$post->text, $found);
    }
    expect(array_keys($found))->toBe([])->and($pages)->toBeGreaterThan(40)
        ->and(array_keys($prints))->not->toBe([])->and(Post::query()->count())->toBeGreaterThan(0);
})->with([
    'drawn in inches' => fn (): string => dirname(__DIR__).'/designs/night-ferry.json',
    'drawn in centimetres' => fn (): string => dirname(__DIR__).'/designs/night-ferry-cm.json',
]);

/** @return list<list<string>> the numbers of a sentence wherever it stands on a page of somebody's quilt */
function numbersOnPage(Tests\TestCase $test, Project $project, string $page, string $sentence): array
{
    $text = (string) preg_replace('/[\s\x{a0}]+/u', ' ', readable((string) $test->get("/q/$project->id/$page")->assertOk()->getContent()));
    preg_match_all($sentence, $text, $found, PREG_SET_ORDER);

    return array_map(fn (array $match): array => array_slice($match, 1), $found);
}

it('shows the same numbers on the clue, while joining and for the borders', function (string $design, array $parts): void {
    [, $project] = metricQuilt($this, $design);
    $this->actingAs($project->user);
    // Five rows, then the rows together, then the sides and the ends of both borders.
    $joined = numbersOnPage($this, $project, 'bench/assembly', '/It measures ([\d.]+) cm by ([\d.]+) cm/');
    expect($joined)->toHaveCount(10);
    [$row, $centre, $top] = [$joined[0], $joined[5], $joined[9]];
    [$block] = numbersOnPage($this, $project, 'clues/3', '/Measure: ([\d.]+) cm by ([\d.]+) cm/');
    [$sides, $ends] = numbersOnPage($this, $project, 'clues/7', '/Cut 2 of ([\d.]+) cm/');
    expect([$block, $row[1], $centre])->toBe([[$parts[0], $parts[0]], $parts[0], [$parts[1], $parts[1]]])
        ->and($row[0])->toBe($parts[1])->and($sides)->toBe([$centre[1]])->and($ends)->toBe([$joined[6][0]]);

    $this->put("/q/$project->id/bench/borders", [
        'widths' => $centre[0], 'heights' => $centre[1], 'diagonals' => '', 'corner' => 'pattern', 'unit' => '', 'borders' => '2.5, 8',
    ])->assertSessionHasNoErrors();
    expect(numbersOnPage($this, $project, 'bench/borders', '/By the pattern it would be ([\d.]+) cm by ([\d.]+) cm/'))->toBe([$centre])
        ->and($top[0])->toBe($top[1]);
})->with([
    // Four parts of 8.9 cm less six allowances of 0.635 cm are 31.79 cm; five of those less eight are 153.87 cm.
    'drawn in inches' => [dirname(__DIR__).'/designs/night-ferry.json', ['31.8', '153.9']],
    // Four of 9.5 cm less six of 0.75 cm; five of 33.5 cm less eight.
    'drawn in centimetres' => [dirname(__DIR__).'/designs/night-ferry-cm.json', ['33.5', '161.5']],
]);

it('goes on in the measure of the quilt before', function (): void {
    $metric = QuiltAlong::factory()->create(['units' => Notation::Centimetres]);
    [$other, $user] = [$this->quiltAlong(), App\Models\User::factory()->create()];
    Tests\PublishedRows::write($metric, Tests\TestCase::document());
    $join = fn (QuiltAlong $quilt): Project => app(App\Actions\Member\JoinQuiltAlong::class)($user, $quilt, 'Mine', 's-throw', 'c-last-boat');
    // The first quilt is measured as its host measures, the second as the first.
    [$first, $second] = [$join($metric), $join($other)];
    expect([$first->notation, $second->notation])->toBe([Notation::Centimetres, Notation::Centimetres])
        ->and($join($other)->fresh()?->notation)->toBe(Notation::Centimetres);
});

it('begins a design in centimetres with seams and cloth of its own', function (): void {
    $this->actingAs(App\Models\User::factory()->create());
    $form = [
        'name' => 'Reeds', 'pace' => 'weekly', 'clue_word' => 'clue', 'zone' => 'UTC', 'units' => 'cm', 'seam' => '', 'may_share' => '1', 'from' => 'blank',
    ];
    $this->post('/start', $form)->assertSessionHasNoErrors();
    $design = documentOf(QuiltAlong::query()->orderByDesc('id')->firstOrFail());
    expect([$design->at(Place::of('seam'))->value, $design->at(Place::of('usable_width'))->value])->toBe(['0.75 cm', '106 cm']);
    // Whoever hosts a second one is offered centimetres.
    expect((string) $this->get('/start')->getContent())->toMatch('/<option value="cm"\s+selected/');
});
