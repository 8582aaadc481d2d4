<?php

declare(strict_types=1);

use App\Models\Draft;
use App\Models\QuiltAlong;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

function sendDesign(string $document): Illuminate\Testing\TestResponse
{
    return test()->post('/start', [
        'name' => 'Given', 'pace' => 'own', 'clue_word' => 'clue', 'zone' => 'UTC', 'units' => 'in', 'seam' => '1/4', 'may_share' => '1',
        'from' => 'file', 'file' => UploadedFile::fake()->createWithContent('design.json', $document),
    ]);
}

/** @return list<string> pages that draw a design up */
function workshopPages(array $document): array
{
    $ids = fn (string $list): array => array_values(array_filter(
        array_map(fn (mixed $item): mixed => is_array($item) ? $item['id'] ?? null : null, is_array($document[$list] ?? null) ? $document[$list] : []),
        is_string(...),
    ));

    return [
        'design', 'design/cloth', 'design/blocks', 'design/clues', 'design/proof', 'design/versions', 'design/split', 'design/state?known=x&view=quilt',
        'design/library', 'design/file',
        ...array_map(fn (string $id): string => 'design/blocks/'.rawurlencode($id), $ids('blocks')),
        ...array_map(fn (string $id): string => 'design/units/'.rawurlencode($id), $ids('units')),
        ...array_map(fn (string $id): string => 'design/clues/'.rawurlencode($id), $ids('clues')),
    ];
}

beforeEach(function (): void {
    config(['dew.limits.join' => 1000]);
    $this->host = User::factory()->create();
    $this->actingAs($this->host);
});

it('refuses a misformed file at the door and names the place', function (array $path, mixed $value, string $pointer): void {
    sendDesign(designWith($path, $value))->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain($pointer)
        ->and(QuiltAlong::query()->count())->toBe(0);
})->with([
    [['clues', 0, 'tasks', 0], null, '/clues/0/tasks/0'], [['clues', 0, 'tasks', 0], 0, '/clues/0/tasks/0'],
    [['blocks', 0, 'cells', 0, 'unit'], [[]], '/blocks/0/cells/0/unit'], [['setting', 'borders'], [1, 1e308], '/setting/borders/1'],
    [['colourways', 0, 'id'], new stdClass, '/colourways/0/id'], [['units', 2, 'finished'], [], '/units/2/finished'],
    [['blocks', 0, 'id'], (object) ['$ref' => '#'], '/blocks/0/id'],
]);

it('shows every page of what it takes, whatever stands in it', function (int $seed): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $values = [null, 0, -1, 1e308, '', '0', '12', [], [[]], new stdClass, true, [null], 9223372036854775807, str_repeat('x', 300), '√2', '1/0', 'f-nope', '{}'];
    $places = function (mixed $node, array $path) use (&$places): Generator {
        yield $path;
        foreach (is_array($node) || $node instanceof stdClass ? (array) $node : [] as $key => $inner) {
            yield from $places($inner, [...$path, is_array($node) ? $key : (string) $key]);
        }
    };
    $all = array_values(array_filter(iterator_to_array($places(json_decode(smallJson()), []), false)));
    $taken = $shown = 0;
    for ($round = 0; $round < 14; $round++) {
        // Its own dice: others throw the common ones meanwhile.
        [$path, $value] = [$all[$random->getInt(0, count($all) - 1)], $values[$random->getInt(0, count($values) - 1)]];
        $document = designWith($path, $value);
        $sent = sendDesign($document);
        expect($sent->status())->toBe(302);
        if (session('errors')?->has('file') === true) {
            session()->forget('errors');

            continue;
        }
        $taken++;
        $quiltAlong = QuiltAlong::query()->latest('id')->firstOrFail();
        foreach (workshopPages(json_decode($document, true)) as $page) {
            $status = $this->actingAs($this->host->fresh())->get("/host/$quiltAlong->slug/$page")->status();
            $what = "$page with ".json_encode($value).' at '.implode('/', $path);
            expect([$what, $status < 500])->toBe([$what, true]);
            $shown += $status === 200 ? 1 : 0;
        }
        $this->post("/host/$quiltAlong->slug/design/versions", ['number' => 0])->assertRedirect();
    }
    expect($taken)->toBeGreaterThan(0)->and($shown)->toBeGreaterThan(10 * $taken);
})->with(getenv('DEW_SEEDS') === false ? [1, 2, 3] : range(1, (int) getenv('DEW_SEEDS')));

it('says what is wrong in a draft that an earlier release took, and gives the file back', function (): void {
    sendDesign(smallJson())->assertSessionHasNoErrors();
    $quiltAlong = QuiltAlong::query()->firstOrFail();
    $misformed = designWith(['clues', 0, 'tasks', 0], null);
    Draft::query()->update(['document' => $misformed]);
    $migration = require database_path('migrations/2026_12_01_000002_mark_drafts_that_cannot_be_read.php');
    $migration->down();
    $migration->up();
    $this->actingAs($this->host->fresh());
    foreach (['design', 'design/blocks', 'design/proof', 'design/versions', 'design/split'] as $page) {
        $this->get("/host/$quiltAlong->slug/$page")->assertStatus(422)->assertSee('/clues/0/tasks/0');
    }
    expect($this->get("/host/$quiltAlong->slug/design/file")->assertOk()->getContent())->toBe($misformed)
        ->and(DB::table('drafts')->whereNotNull('faults')->count())->toBe(1);
});
