<?php

declare(strict_types=1);

use App\Models\Draft;
use App\Models\DraftEdit;
use App\Models\HelperInvitation;
use App\Models\Post;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use App\Support\Placeholder;
use Dew\Core\Draft\Place;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** Somebody with a quilt-along of her own that begins with a blank page. */
function startedBy(User $host, array $given = []): QuiltAlong
{
    test()->actingAs($host)->post('/start', $given + [
        'name' => 'Low Tide', 'pace' => 'weekly', 'clue_word' => 'clue', 'zone' => 'Europe/Dublin', 'units' => 'in', 'seam' => '1/4',
        'may_share' => '1',
        'from' => 'blank',
    ])->assertSessionHasNoErrors();

    return QuiltAlong::query()->latest('id')->firstOrFail();
}

beforeEach(function (): void {
    config(['dew.limits.join' => 1000]);
    $this->host = User::factory()->create();
});

it('starts a quilt-along with the switches that were set, its owner, its join code and a blank design', function (): void {
    $quiltAlong = startedBy($this->host, [
        'secret' => '1', 'many_hands' => '1', 'pace' => 'two-weekly', 'clue_word' => 'part', 'welcome' => 'Come in', 'units' => 'cm',
        'seam' => '0.75',
    ]);
    expect($quiltAlong->slug)->toBe('low-tide')
        ->and([$quiltAlong->secret, $quiltAlong->quilted_by_block, $quiltAlong->many_hands])->toBe([true, false, true])
        ->and([
            $quiltAlong->pace,
            $quiltAlong->clue_word,
            $quiltAlong->zone,
            $quiltAlong->welcome,
        ])->toBe(['two-weekly', 'part', 'Europe/Dublin', 'Come in'])
        ->and($quiltAlong->may_share_at)->not->toBeNull()
        ->and($this->host->roleIn($quiltAlong))->toBe(Role::Owner)
        ->and($quiltAlong->invitations()->count())->toBe(1)
        ->and(documentOf($quiltAlong)->at(Place::of('seam'))->value)->toBe('0.75 cm');
    $this->get('/home')->assertSee('Low Tide')->assertSee('one quilt by many hands');
    expect(startedBy($this->host)->slug)->toStartWith('low-tide-');
});

it('begins with a ready design, a copy of her own or a file, and says what is wrong with a file', function (): void {
    $ready = startedBy($this->host, ['from' => 'harbour-sampler', 'name' => 'Evening class']);
    expect(documentOf($ready)->at(Place::of('title'))->value)->toBe('Evening class')
        ->and(documentOf($ready)->items(Place::of('blocks')))->toHaveCount(6);
    sendEdit($this->host, $ready, ['kind' => 'set', 'place' => 'title', 'to' => 'Evening'])->assertOk();
    $copy = startedBy($this->host, ['from' => 'own:'.$ready->slug, 'name' => 'Morning']);
    expect(documentOf($copy)->items(Place::of('blocks')))->toHaveCount(6)->and(
        documentOf($copy)->at(Place::of('title'))->value,
    )->toBe('Morning');
    $file = $this->get("/host/$ready->slug/design/file")->assertOk()->assertHeader('Content-Type', 'application/json')->getContent();
    $again = startedBy($this->host, ['from' => 'file', 'file' => UploadedFile::fake()->createWithContent('design.json', (string) $file)]);
    expect(Draft::query()->whereBelongsTo($again)->value('document'))->toBe($file);

    $given = [
        'name' => 'X', 'pace' => 'own', 'clue_word' => 'clue', 'zone' => 'UTC', 'units' => 'in', 'seam' => '1/4', 'may_share' => '1',
        'from' => 'file',
    ];
    foreach ([
        'not JSON' => ['{"dew": 3', 'The document is not JSON (Syntax error). Was it cut short?'], 'another format' => ['{"dew": 99}', '/dew'], 'deep' => [
            str_repeat('[', 5000),
            'is not JSON',
        ],
        'a list' => ['[]', 'cannot take that file'],
    ] as [$text, $says]) {
        $this->from('/start')->post('/start', ['file' => UploadedFile::fake()->createWithContent('design.json', $text)] + $given)
            ->assertRedirect('/start')->assertSessionHasErrors('file');
        expect(session('errors')->first('file'))->toContain($says);
        $this->get('/start')->assertSee('value="X"', false);
    }
    $this->post('/start', ['file' => UploadedFile::fake()->create('design.json', 40_000)] + $given)->assertSessionHasErrors('file');
    $this->post('/start', ['from' => 'own:'.$this->quiltAlong()->slug] + $given)->assertSessionHasErrors('from');
    $this->post('/start', ['may_share' => ''] + $given)->assertSessionHasErrors('may_share');
    $this->post('/start', ['from' => 'blank', 'copy_word' => 'tide'] + $given)->assertSessionHasErrors('copy_question');
    $this->post('/start', ['from' => 'blank', 'seam' => '3'] + $given)->assertSessionHasErrors('seam');
    $this->post('/start', ['from' => 'blank', 'zone' => 'Atlantis'] + $given)->assertSessionHasErrors('zone');
});

it('keeps a draft with markup in its names and shows them as text', function (): void {
    $quiltAlong = startedBy($this->host, ['name' => '<script>alert(1)</script>']);
    sendEdit($this->host, $quiltAlong, [
        'kind' => 'new-block', 'id' => 'b-one', 'name' => '<img src=x onerror=alert(1)>', 'columns' => 2, 'rows' => 2, 'width' => '8',
        'height' => '8',
    ])->assertOk();
    foreach ([
        'design', 'design/blocks', 'design/blocks/b-one', 'design/proof', 'design/clues', 'design/cloth', 'design/versions',
    ] as $page) {
        $html = (string) $this->get("/host/$quiltAlong->slug/$page")->assertOk()->getContent();
        expect($html)->not->toContain('<script>alert')->not->toContain('<img src=x');
    }
});

it('makes an edit once, however often it is sent, and answers with what looks different', function (): void {
    $quiltAlong = startedBy($this->host);
    $send = fn (string $known) => sendEdit($this->host, $quiltAlong, ['kind' => 'add', 'to' => 'sizes', 'item' => [
        'id' => Placeholder::in('id', 's'), 'name' => Placeholder::in('value'), 'columns' => Placeholder::in('across', 'int'), 'rows' => 2,
    ]], ['id' => '7d4d7b1e-53c5-4f7e-9f0b-d9bd3d2b8a11', 'value' => '$across', 'across' => '7', 'known' => $known]);
    $first = $send('')->assertOk()->assertJson(['outcome' => 'applied', 'number' => 1]);
    expect(array_keys($first->json('panels')))->toBe(['bar', 'pattern', 'setting', 'sizes'])
        ->and($first->json('made'))->toStartWith('s-');
    $send('')->assertOk()->assertJson(['number' => 1]);
    $sizes = documentOf($quiltAlong)->items(Place::of('sizes'));
    expect($sizes)->toHaveCount(3)->and($sizes[2]['name'])->toBe('$across')->and($sizes[2]['columns'])->toBe(7);
    $known = implode(',', array_map(
        fn (string $name, string $html): string => $name.':'.App\Presentation\Host\Workshop\View::hash($html),
        array_keys($first->json('panels')),
        $first->json('panels'),
    ));
    $next = sendEdit(
        $this->host,
        $quiltAlong,
        ['kind' => 'set', 'place' => 'sizes/s-small/name', 'expect' => 'Lap', 'to' => 'Couch'],
        ['known' => $known],
    );
    expect(array_keys($next->assertOk()->json('panels')))->toBe(['bar', 'sizes']);
});

it('refuses what cannot mean anything with the way out, and leaves the draft as it was', function (
    array $edit,
    array $fields,
    string $says,
): void {
    $quiltAlong = startedBy($this->host);
    $before = Draft::query()->whereBelongsTo($quiltAlong)->value('document');
    $answer = sendEdit($this->host, $quiltAlong, $edit, $fields)->assertStatus(422);
    expect($answer->json('outcome'))->toBe('refused')->and($answer->json('message'))->toContain($says)
        ->and(Draft::query()->whereBelongsTo($quiltAlong)->value('document'))->toBe($before)
        ->and(DraftEdit::query()->count())->toBe(0);
})->with([
    'no kind of edit' => [['kind' => 'paint'], [], 'The kinds are'],
    'no JSON' => [[], ['edit' => '{"kind'], 'Reload the page'],
    'no whole number' => [
        ['kind' => 'set', 'place' => 'sizes/s-small/columns', 'to' => Placeholder::in('value', 'int')],
        ['value' => '2½'],
        'not a whole number',
    ],
    'a slot in use' => [['kind' => 'together', 'edits' => [
        ['kind' => 'new-unit', 'id' => 'u-1', 'name' => 'One', 'of' => 'square', 'width' => '3', 'height' => '3', 'fabrics' => ['f-a']],
        ['kind' => 'remove', 'place' => 'fabrics/f-a'],
    ]], [], 'still used'],
    'a length of 300 digits' => [
        [
            'kind' => 'new-block',
            'id' => 'b-1',
            'name' => 'One',
            'columns' => 2,
            'rows' => 2,
            'width' => str_repeat('9', 300),
            'height' => '2',
        ],
        [],
        '',
    ],
    'more than the format takes' => [['kind' => 'set', 'place' => 'sizes/s-small/columns', 'to' => 99], [], '“Lap”, columns: is 99; it should be'],
    'deep nesting' => [[], ['edit' => str_repeat('{"kind":', 80).'1'.str_repeat('}', 80)], 'Reload the page'],
]);

it('shows both values to the later of two people, and lets edits of different things stand', function (): void {
    $quiltAlong = startedBy($this->host);
    $helper = $this->person($quiltAlong, Role::Helper);
    $name = fn (string $to, ?string $expect): array => ['kind' => 'set', 'place' => 'fabrics/f-a/name', 'to' => $to, 'expect' => $expect];
    sendEdit($this->host, $quiltAlong, $name('Sand', 'Background'))->assertOk();
    $clash = sendEdit($helper, $quiltAlong, $name('Snow', 'Background'))->assertStatus(409);
    expect($clash->json())->toMatchArray(['outcome' => 'conflict', 'theirs' => 'Sand', 'mine' => 'Snow'])
        ->and($clash->json('what'))->toContain('Fabric')
        ->and($clash->json('panels'))->not->toBe([]);
    sendEdit($helper, $quiltAlong, ['kind' => 'set', 'place' => 'fabrics/f-b/name', 'to' => 'Slate', 'expect' => 'Main'])->assertOk();
    expect(array_column(documentOf($quiltAlong)->items(Place::of('fabrics')), 'name'))->toBe(['Sand', 'Slate', 'Accent']);
});

it('takes one\'s own last edit back and makes it again, and the history takes back anybody\'s', function (): void {
    $quiltAlong = startedBy($this->host);
    $helper = $this->person($quiltAlong, Role::Helper);
    $path = "/host/$quiltAlong->slug/design/edits";
    $before = Draft::query()->whereBelongsTo($quiltAlong)->value('document');
    sendEdit($this->host, $quiltAlong, ['kind' => 'set', 'place' => 'title', 'to' => 'One'])->assertOk();
    sendEdit($helper, $quiltAlong, ['kind' => 'set', 'place' => 'fabrics/f-a/name', 'to' => 'Sand'])->assertOk();
    sendEdit($this->host, $quiltAlong, ['kind' => 'set', 'place' => 'title', 'to' => 'Two'])->assertOk();
    $title = fn (): mixed => documentOf($quiltAlong)->at(Place::of('title'))->value;
    $do = fn (User $who, array $fields) => $this->actingAs($who)->postJson($path, $fields + ['id' => (string) Str::uuid()]);

    $do($this->host, ['action' => 'undo'])->assertOk();
    expect($title())->toBe('One');
    $do($this->host, ['action' => 'undo'])->assertOk();
    expect($title())->toBe('Low Tide')->and(documentOf($quiltAlong)->at(Place::of('fabrics', 'f-a', 'name'))->value)->toBe('Sand');
    $do($this->host, ['action' => 'undo'])->assertStatus(422)->assertJson(['message' => 'There is nothing of yours to undo here.']);
    $do($this->host, ['action' => 'redo'])->assertOk();
    expect($title())->toBe('One');
    $do($this->host, ['action' => 'redo'])->assertOk();
    expect($title())->toBe('Two');
    $do($this->host, ['action' => 'redo'])->assertStatus(422);
    // After a new edit there is nothing to make again.
    $do($this->host, ['action' => 'undo'])->assertOk();
    sendEdit($this->host, $quiltAlong, ['kind' => 'set', 'place' => 'title', 'to' => 'Three'])->assertOk();
    $do($this->host, ['action' => 'redo'])->assertStatus(422);
    // The history takes back what somebody else did, by its number.
    $do($this->host, ['action' => 'undo', 'number' => 2])->assertOk();
    $do($this->host, ['action' => 'undo'])->assertOk();
    $do($this->host, ['action' => 'undo'])->assertOk();
    expect(Draft::query()->whereBelongsTo($quiltAlong)->value('document'))->toBe($before);
    // What somebody else has changed since is not taken away from under her hands.
    sendEdit($this->host, $quiltAlong, ['kind' => 'set', 'place' => 'title', 'to' => 'Mine'])->assertOk();
    sendEdit($helper, $quiltAlong, ['kind' => 'set', 'place' => 'title', 'to' => 'Hers'])->assertOk();
    $do($this->host, ['action' => 'undo'])->assertStatus(409)->assertJson(['theirs' => 'Hers']);
    $this->actingAs($this->host)->get("/host/$quiltAlong->slug/design/versions")->assertSee('undone')->assertSee('Undo: changed title');
});

it('goes from a blank page to a published version through the pages\' own edits', function (): void {
    $quiltAlong = startedBy($this->host);
    $cell = fn (int $column, int $row, string $unit, int $turn = 0): array => [
        'kind' => 'lay', 'block' => 'b-star', 'column' => $column, 'row' => $row, 'unit' => $unit, 'turn' => $turn,
    ];
    $this->get("/host/$quiltAlong->slug/design/proof")->assertSee('Make a block: the design has none yet.')->assertSee('Make a clue');
    $this->post("/host/$quiltAlong->slug/design/versions")->assertSessionHasErrors('publish');
    foreach ([
        ['kind' => 'new-block', 'id' => 'b-star', 'name' => 'Tide Star', 'columns' => 3, 'rows' => 3, 'width' => '9', 'height' => '9'],
        [
            'kind' => 'new-unit',
            'id' => 'u-point',
            'name' => 'Point',
            'of' => 'hst',
            'width' => '3',
            'height' => '3',
            'fabrics' => ['f-a', 'f-b'],
        ],
        [
            'kind' => 'new-unit',
            'id' => 'u-plain',
            'name' => 'Plain',
            'of' => 'square',
            'width' => '3',
            'height' => '3',
            'fabrics' => ['f-c'],
        ],
        $cell(1, 1, 'u-plain'), $cell(2, 1, 'u-point'), $cell(3, 1, 'u-plain'), $cell(1, 2, 'u-point', 270), $cell(2, 2, 'u-plain'),
        $cell(3, 2, 'u-point', 90), $cell(1, 3, 'u-plain'), $cell(2, 3, 'u-point', 180),
    ] as $edit) {
        sendEdit($this->host, $quiltAlong, $edit, ['view' => 'block', 'of' => 'b-star'])->assertOk();
    }
    $page = $this->get("/host/$quiltAlong->slug/design/blocks/b-star")->assertOk()
        ->assertSee('Column 2, row 1: Point')->assertSee('Column 3, row 3: empty')->assertSee("9\u{a0}in × 9\u{a0}in")->assertSee(
            "9½\u{a0}in × 9½\u{a0}in",
        );
    expect((string) $page->getContent())->toContain('id="fact-pieces">12<');
    sendEdit($this->host, $quiltAlong, $cell(3, 3, 'u-plain'), ['view' => 'block', 'of' => 'b-star'])->assertOk();
    $clues = $this->get("/host/$quiltAlong->slug/design/clues")->assertOk()->assertSee('Point')->assertSee('Tide Star');
    preg_match_all('/value=\'(\{"kind":"together[^\']*)\'/', (string) $clues->getContent(), $found);
    sendEdit($this->host, $quiltAlong, json_decode($found[1][0], true))->assertOk();
    $this->get("/host/$quiltAlong->slug/design/clues")->assertSee('Everything this quilt needs is in a clue.');
    $this->get("/host/$quiltAlong->slug/design/versions")->assertSee('This will be the first version.');
    $this->post("/host/$quiltAlong->slug/design/versions", ['name' => 'Spring'])->assertSessionHasNoErrors();
    $version = $quiltAlong->versions()->firstOrFail();
    expect([$version->number, $version->name, $version->user_id])->toBe([1, 'Spring', $this->host->id])
        ->and($quiltAlong->clues()->pluck('title')->all())->toBe(['Point', 'Tide Star', 'Joining the top', 'Layering, quilting and binding']);
    $this->get("/host/$quiltAlong->slug/design/versions")->assertSee('Spring')->assertSee('Nothing has changed since the last version.');
    $this->post("/host/$quiltAlong->slug/design/versions")->assertSessionHasErrors('publish');
    $this->get("/host/$quiltAlong->slug")->assertOk()->assertSee('Point');
    sendEdit($this->host, $quiltAlong, ['kind' => 'set', 'place' => 'sizes/s-small/columns', 'to' => 4])->assertOk();
    $this->get("/host/$quiltAlong->slug/design/versions/1")->assertSee('Size “Lap”, columns: was 3, is 4.')
        ->assertSee("At size Lap the quilt finished 27\u{a0}in x 36\u{a0}in, and finishes 36\u{a0}in x 36\u{a0}in.");
});

it('asks why before it publishes in spite of warnings, and keeps the reason', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'two-tides']);
    sendEdit(
        $this->host,
        $quiltAlong,
        ['kind' => 'new-fabric', 'id' => 'f-x', 'name' => 'Spare', 'value' => 'light', 'colour' => '#ffffff'],
    )->assertOk();
    $this->get("/host/$quiltAlong->slug/design/proof")->assertSee('Use Spare or take it out');
    $this->post("/host/$quiltAlong->slug/design/versions")->assertSessionHasErrors('reason');
    $this->post("/host/$quiltAlong->slug/design/versions", ['reason' => 'For the back'])->assertSessionHasNoErrors();
    $this->get("/host/$quiltAlong->slug/design/versions")->assertSee('Despite warnings: For the back');
});

it('refuses to publish what would move an open clue', function (): void {
    $quiltAlong = $this->quiltAlong();
    $owner = $this->person($quiltAlong, Role::Owner);
    $this->project($quiltAlong);
    $this->release($quiltAlong);
    sendEdit($owner, $quiltAlong, ['kind' => 'move', 'place' => 'clues/k-slack-water', 'before' => 'k-casting-off'])->assertOk();
    $this->actingAs($owner)->post("/host/$quiltAlong->slug/design/versions", ['reason' => 'yes'])->assertSessionHasErrors('publish');
    expect(session('errors')->first('publish'))->toContain('Leave clue 1')->and($quiltAlong->versions()->count())->toBe(1);
});

it('takes a block of the library in this design\'s cloth, and not twice', function (): void {
    $quiltAlong = startedBy($this->host);
    $this->get("/host/$quiltAlong->slug/design/library")->assertOk()->assertSee('Take Shoofly');
    $this->get("/host/$quiltAlong->slug/design/library?grid=3×3&technique=hst&difficulty=easy&seams=24")->assertSee('Take Shoofly')
        ->assertDontSee('Take Cold Frame');
    $this->get("/host/$quiltAlong->slug/design/library?grid=9×9")->assertSee('No block in the library matches.');
    $this->post(
        "/host/$quiltAlong->slug/design/library",
        ['block' => 'b-shoofly', 'as_f-ground' => 'f-c'],
    )->assertRedirect("/host/$quiltAlong->slug/design/blocks/b-shoofly");
    $units = documentOf($quiltAlong)->items(Place::of('units'));
    $fabrics = array_unique(array_merge(...array_column($units, 'fabrics')));
    expect(array_diff($fabrics, ['f-a', 'f-b', 'f-c']))->toBe([])->and($fabrics)->toContain('f-c');
    $this->post(
        "/host/$quiltAlong->slug/design/library",
        ['block' => 'b-shoofly', 'as_f-ground' => 'f-c'],
    )->assertRedirect("/host/$quiltAlong->slug/design/blocks");
    expect(documentOf($quiltAlong)->items(Place::of('blocks')))->toHaveCount(1)
        ->and(documentOf($quiltAlong)->at(Place::of('setting', 'pattern'))->value)->toBe([['b-shoofly']]);
    // More blocks are laid once each, in as square a pattern as there can be.
    foreach (['b-churn-dash', 'b-ohio-star', 'b-broken-dishes', 'b-steeples', 'b-friendship-star'] as $block) {
        $this->post("/host/$quiltAlong->slug/design/library", ['block' => $block])->assertSessionHasNoErrors();
    }
    preg_match('/value=\'([^\']*)\'>Use every block once</', (string) $this->get("/host/$quiltAlong->slug/design")->getContent(), $found);
    sendEdit($this->host, $quiltAlong, json_decode($found[1], true))->assertOk();
    $rows = documentOf($quiltAlong)->at(Place::of('setting', 'pattern'))->value;
    expect(count($rows))->toBe(3)->and(array_merge(...$rows))->toHaveCount(6);
    $this->post("/host/$quiltAlong->slug/design/library", ['block' => 'b-nowhere'])->assertNotFound();
});

it('says which fabrics touch and where two are too close in value', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'two-tides']);
    $this->get("/host/$quiltAlong->slug/design/cloth")->assertSee('Which fabrics touch')->assertDontSee('Choose a lighter or darker cloth');
    $first = documentOf($quiltAlong)->items(Place::of('colourways'))[0]['id'];
    sendEdit($this->host, $quiltAlong, ['kind' => 'set', 'place' => "colourways/$first/cloth/f-a/colour", 'to' => '#2f5560'])->assertOk();
    $this->get("/host/$quiltAlong->slug/design/cloth")->assertSee('Choose a lighter or darker cloth: in Low tide');
});

it('keeps the pages of clues, dates, history and corrections within fifteen queries, however many clues are open', function (): void {
    $quiltAlong = $this->quiltAlong();
    $owner = $this->person($quiltAlong, Role::Owner);
    foreach (range(1, 7) as $number) {
        $this->release($quiltAlong, $number);
    }
    $this->project($quiltAlong);
    $this->actingAs($owner)->get("/host/$quiltAlong->slug/design/clues")->assertOk();
    sendEdit($owner, $quiltAlong, ['kind' => 'set', 'place' => 'units/u-beam/name', 'to' => 'Other beam'])->assertOk();
    foreach (['', 'clues', 'clues/7', 'dates', 'history', 'people', 'design/clues', 'design/clues/k-ropes', 'design/versions', 'design/proof'] as $page) {
        foreach (['cold', 'warm'] as $how) {
            $this->actingAs($owner->fresh());
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get("/host/$quiltAlong->slug/$page")->assertOk();
            $queries = array_column(DB::getQueryLog(), 'query');
            // The page of versions asks besides what is on its way, and how many people read it.
            $most = $page === 'design/versions' ? 17 : 15;
            expect(count($queries))->toBeLessThanOrEqual($most, "$page, $how: ".implode("\n", $queries));
        }
    }
    $project = $this->project($quiltAlong);
    foreach (['', '/clues/7', '/fabrics', '/bench'] as $page) {
        foreach (['cold', 'warm'] as $how) {
            $this->actingAs($project->user->fresh());
            DB::flushQueryLog();
            $this->get("/q/$project->id$page")->assertOk();
            $queries = array_column(DB::getQueryLog(), 'query');
            expect(count($queries))->toBeLessThanOrEqual(15, "$page, $how: ".implode("\n", $queries));
        }
    }
});

it('keeps every page of the workshop within fifteen queries, and from strangers', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'harbour-sampler']);
    $stranger = User::factory()->create();
    $pages = [
        'design', 'design/blocks', 'design/blocks/b-shoofly', 'design/cloth', 'design/clues', 'design/proof', 'design/versions',
        'design/library', 'design/split',
        'design/state?known=x&view=block&of=b-shoofly', 'design/units/'.documentOf($quiltAlong)->items(Place::of('units'))[0]['id'],
        'design/file',
    ];
    foreach ($pages as $page) {
        $this->actingAs($stranger)->get("/host/$quiltAlong->slug/$page")->assertNotFound();
        foreach (['cold', 'warm'] as $how) {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->actingAs($this->host)->get("/host/$quiltAlong->slug/$page")->assertOk();
            expect(count(DB::getQueryLog()))->toBeLessThanOrEqual(15, "$page, $how");
        }
    }
    foreach (['design/blocks/b-nothing', 'design/units/u-nothing', 'design/versions/1', 'people', 'design/published'] as $page) {
        expect($this->actingAs($this->host)->get("/host/$quiltAlong->slug/$page")->status())->toBeIn([200, 404]);
    }
});

it('works without script: every field and button of the pages is a form', function (): void {
    $quiltAlong = startedBy($this->host);
    $this->from("/host/$quiltAlong->slug/design/cloth")->post("/host/$quiltAlong->slug/design/edits", [
        'edit' => json_encode([
            'kind' => 'set',
            'place' => 'fabrics/f-a/name',
            'expect' => 'Background',
            'to' => Placeholder::in('value'),
        ]), 'value' => 'Sand',
    ])->assertRedirect("/host/$quiltAlong->slug/design/cloth");
    $this->get("/host/$quiltAlong->slug/design/cloth")->assertSee('value="Sand"', false);
    $this->from("/host/$quiltAlong->slug/design/cloth")->post("/host/$quiltAlong->slug/design/edits", ['action' => 'undo']);
    $this->get("/host/$quiltAlong->slug/design/cloth")->assertSee('value="Background"', false);
    $this->from("/host/$quiltAlong->slug/design/cloth")->post("/host/$quiltAlong->slug/design/edits", ['edit' => '{}']);
    $this->get("/host/$quiltAlong->slug/design/cloth")->assertSee('The kinds are');
});

it('asks helpers by letter, with what they may do, and lets them do no more', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'two-tides']);
    $path = "/host/$quiltAlong->slug";
    $this->post("$path/helpers", ['email' => 'Ivo@Saltbox.example'])->assertSessionHasNoErrors();
    expect(Post::query()->latest('id')->firstOrFail()->addressee)->toBe('ivo@saltbox.example');
    $invitation = HelperInvitation::query()->firstOrFail();
    $ivo = User::factory()->create(['email' => 'ivo@saltbox.example']);
    $this->get("/help/$invitation->id")->assertNotFound();
    $this->actingAs($ivo)->get("/help/$invitation->id")->assertOk()->assertSee('Help with Low Tide');
    $this->post("/help/$invitation->id")->assertRedirect($path);
    $this->post("/help/$invitation->id")->assertNotFound();
    $ivo = $ivo->fresh();
    $this->actingAs($ivo)->get("$path/design")->assertOk()->assertSee('You may look at the design and not change it.');
    sendEdit($ivo, $quiltAlong, ['kind' => 'set', 'place' => 'title', 'to' => 'Mine'])->assertForbidden();
    $this->get("$path/settings")->assertForbidden();
    $helper = $ivo->memberships()->firstOrFail();
    $this->actingAs($this->host)->patch("$path/helpers/$helper->id", ['may_edit' => '1'])->assertSessionHasNoErrors();
    sendEdit($ivo->fresh(), $quiltAlong, ['kind' => 'set', 'place' => 'title', 'to' => 'Ours'])->assertOk();
    $this->actingAs($ivo->fresh())->post("$path/design/versions")->assertForbidden();
    $this->actingAs($this->host)->post("$path/helpers", ['email' => 'ivo@saltbox.example'])->assertSessionHasErrors('email');
    $this->delete("$path/helpers/$helper->id");
    $this->actingAs($ivo->fresh())->get("$path/design")->assertNotFound();
});

it('lets the owner change how a quilt-along works', function (): void {
    $quiltAlong = startedBy($this->host);
    $this->get("/host/$quiltAlong->slug/settings")->assertOk()->assertSee('value="Low Tide"', false);
    $given = [
        'name' => 'High Tide',
        'pace' => 'monthly',
        'clue_word' => 'month',
        'zone' => 'UTC',
        'units' => 'cm',
        'secret' => '1',
        'welcome' => 'Come in',
    ];
    $this->put("/host/$quiltAlong->slug/settings", ['pace' => 'hasty'] + $given)->assertSessionHasErrors('pace');
    $this->put("/host/$quiltAlong->slug/settings", $given)->assertSessionHasNoErrors();
    $changed = $quiltAlong->fresh();
    expect([
        $changed->name,
        $changed->pace,
        $changed->clue_word,
        $changed->secret,
        $changed->slug,
    ])->toBe(['High Tide', 'monthly', 'month', true, 'low-tide']);
});

it('shows a host what to do while nothing is published, and lets nobody join', function (): void {
    $quiltAlong = startedBy($this->host);
    foreach (['', '/people', '/clues'] as $page) {
        $this->get("/host/$quiltAlong->slug$page")->assertOk()->assertSee('Nothing is published yet.');
    }
    $this->get('/join/'.$quiltAlong->invitations()->firstOrFail()->code)->assertNotFound();
});

it('shows no numbers before a member has read the word in her own copy', function (): void {
    $quiltAlong = $this->quiltAlong();
    $quiltAlong->update(['copy_question' => 'The third word on page 7', 'copy_word' => 'Lantern']);
    $project = $this->project($quiltAlong);
    $this->release($quiltAlong);
    $path = "/q/$project->id";
    foreach (['', '/clues', '/clues/1', '/fabrics', '/bench'] as $page) {
        $this->actingAs($project->user)->get($path.$page)->assertRedirect("$path/copy");
    }
    $this->getJson("$path/clues/1/counters")->assertForbidden();
    $this->get("$path/copy")->assertOk()->assertSee('The third word on page 7')->assertDontSee('Lantern');
    $this->put("$path/copy", ['word' => 'boat'])->assertSessionHasErrors('word');
    $this->put("$path/copy", ['word' => ' lantern. '])->assertRedirect($path);
    $this->get("$path/clues/1")->assertOk();
    $this->get("$path/copy")->assertRedirect($path);
});

/** A photograph of so many points, as a camera gives it. */
function photograph(int $width = 800, int $height = 500): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefilledrectangle($image, 0, 0, $width, $height, imagecolorallocate($image, 40, 90, 160));
    imagefilledrectangle($image, 0, 0, intdiv($width, 3), $height, imagecolorallocate($image, 200, 60, 60));
    ob_start();
    imagejpeg($image);

    return (string) ob_get_clean();
}

it('keeps a picture of the cloth small and written anew, fills the drawings with it, and shows it to nobody else', function (): void {
    Storage::fake('local');
    $quiltAlong = startedBy($this->host, ['from' => 'two-tides']);
    $path = "/host/$quiltAlong->slug/design";
    $put = fn (string $bytes, array $fields = []) => $this->actingAs($this->host)->post("$path/pictures", $fields + [
        'colourway' => 'c-first', 'fabric' => 'f-a', 'picture' => UploadedFile::fake()->createWithContent('IMG_1.jpg', $bytes),
    ]);
    $put(photograph())->assertSessionHasNoErrors()->assertRedirect("$path/cloth");
    $cloth = documentOf($quiltAlong)->at(Place::of('colourways', 'c-first', 'cloth', 'f-a'))->value;
    expect($cloth['colour'])->toMatch('/^#[0-9a-f]{6}$/')->not->toBe('#f1ebdc');
    $kept = $this->get("$path/pictures/{$cloth['picture']}")->assertOk()->assertHeader('Content-Type', 'image/png')->getContent();
    expect(hash('sha256', (string) $kept))->toBe($cloth['picture'])
        ->and(array_slice((array) getimagesizefromstring((string) $kept), 0, 3))->toBe([400, 250, IMAGETYPE_PNG]);
    $this->get("$path/blocks/b-shoofly")->assertSee("url(#cloth-{$cloth['picture']})", false)->assertSee('<pattern id="cloth-', false);
    $this->actingAs(User::factory()->create())->get("$path/pictures/{$cloth['picture']}")->assertNotFound();
    $other = startedBy($this->host, ['from' => 'two-tides']);
    $this->get("/host/$other->slug/design/pictures/{$cloth['picture']}")->assertNotFound();

    $large = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', 5000, 5000, 8, 2, 0, 0, 0).pack('N', crc32('x'));
    foreach (['text' => 'no picture', 'half a photograph' => substr(photograph(), 0, 300), 'too large' => $large] as $bytes) {
        $put($bytes)->assertSessionHasErrors('picture');
    }
    $put(photograph(), ['fabric' => 'f-none'])->assertSessionHasErrors('picture');
    $put(photograph(), ['fabric' => ''])->assertSessionHasErrors('fabric');
    $this->get("$path/cloth")->assertOk();
});

it('shows a unit as its pattern draws it: to the host while she composes, to members once its clue is open', function (): void {
    Storage::fake('local');
    $quiltAlong = startedBy($this->host, ['from' => 'two-tides']);
    $path = "/host/$quiltAlong->slug/design";
    $units = documentOf($quiltAlong)->items(Place::of('units'));
    $unit = (string) $units[2]['id'];
    $put = fn (string $unit, string $bytes) => $this->actingAs($this->host)->post("$path/units/$unit/picture", [
        'picture' => UploadedFile::fake()->createWithContent('page.jpg', $bytes),
    ]);
    $put('u-none', photograph())->assertNotFound();
    $put($unit, 'no picture')->assertSessionHasErrors('picture');
    $put($unit, photograph())->assertSessionHasNoErrors()->assertRedirect("$path/units/$unit");
    $hash = documentOf($quiltAlong)->at(Place::of('units', $unit, 'picture'))->value;
    $this->get("$path/pictures/$hash")->assertOk();

    // Two squares of given sizes instead of what Dew knows: it is drawn by the picture wherever it lies.
    $fabric = $units[2]['fabrics'][0];
    foreach ([
        ['kind' => 'change-kind', 'unit' => $unit, 'of' => 'custom'],
        ['kind' => 'set', 'place' => "units/$unit/pieces", 'to' => [
            ['id' => 'p-a', 'fabric' => $fabric, 'cut' => ['width' => '4 1/2', 'height' => '4 1/2'], 'count' => 4],
        ]],
    ] as $edit) {
        $this->postJson("$path/edits", ['id' => (string) Str::uuid(), 'edit' => json_encode($edit)])->assertOk();
    }
    $this->get("$path/units/$unit")->assertSee('How many a unit takes')->assertSee('Give it an outline');
    $this->get("$path/blocks/b-shoofly")->assertSee("url(#picture-$hash)", false)->assertSee("<pattern id=\"picture-$hash\"", false);
    $this->post("/host/$quiltAlong->slug/design/versions", ['name' => 'First', 'reason' => 'Because'])->assertSessionHasNoErrors();
    $clue = $quiltAlong->clues()->get()->first(fn ($clue): bool => str_contains(
        (string) json_encode(documentOf($quiltAlong)->at(Place::of('clues', $clue->key, 'tasks'))->value), "\"$unit\"",
    ));
    $this->get("/host/$quiltAlong->slug/clues/$clue->number")->assertSee("$path/pictures/$hash", false);

    $project = $this->project($quiltAlong->fresh(), (string) documentOf($quiltAlong)->items(Place::of('sizes'))[0]['id']);
    $this->actingAs($project->user);
    $this->get("/q/$project->id/clues/$clue->number/pictures/$hash")->assertNotFound();
    $this->release($quiltAlong, $clue->number);
    $this->get("/q/$project->id/clues/$clue->number")->assertOk()->assertSee("/q/$project->id/clues/$clue->number/pictures/$hash", false)
        ->assertSee('As drawn in the pattern')->assertSee('the pieces by the sizes that the pattern gives.');
    $this->get("/q/$project->id/clues/$clue->number/pictures/$hash")->assertOk()->assertHeader('Content-Type', 'image/png');
    $this->get("/q/$project->id/clues/$clue->number/pictures/".str_repeat('0', 64))->assertNotFound();
});

it('exports a design with pictures as an archive, which imports as the same design', function (): void {
    Storage::fake('local');
    $quiltAlong = startedBy($this->host, ['from' => 'two-tides']);
    $this->post("/host/$quiltAlong->slug/design/pictures", [
        'colourway' => 'c-first', 'fabric' => 'f-b', 'picture' => UploadedFile::fake()->createWithContent(
            'IMG_1.jpg',
            photograph(390, 300),
        ),
    ])->assertSessionHasNoErrors();
    $document = (string) Draft::query()->whereBelongsTo($quiltAlong)->value('document');
    $file = $this->get("/host/$quiltAlong->slug/design/file")->assertOk()->assertHeader('Content-Type', 'application/zip');
    $bytes = (string) file_get_contents($file->baseResponse->getFile()->getPathname());
    $kept = Storage::disk('local')->allFiles('cloth');
    // Another Dew, which has none of the pictures.
    Storage::disk('local')->deleteDirectory('cloth');
    $again = startedBy($this->host, ['from' => 'file', 'file' => UploadedFile::fake()->createWithContent('design.zip', $bytes)]);
    expect(Draft::query()->whereBelongsTo($again)->value('document'))->toBe($document)
        ->and(Storage::disk('local')->allFiles('cloth'))->toBe($kept);
    // Without its pictures the design comes without mention of them.
    Storage::disk('local')->deleteDirectory('cloth');
    $alone = startedBy($this->host, ['from' => 'file', 'file' => UploadedFile::fake()->createWithContent('design.json', $document)]);
    expect(Draft::query()->whereBelongsTo($alone)->value('document'))->not->toContain('"picture"');

    $archive = function (array $files): UploadedFile {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($files as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();

        return UploadedFile::fake()->createWithContent('design.zip', (string) file_get_contents($path));
    };
    $hash = documentOf($quiltAlong)->at(Place::of('colourways', 'c-first', 'cloth', 'f-b', 'picture'))->value;
    $given = [
        'name' => 'X',
        'pace' => 'own',
        'clue_word' => 'clue',
        'zone' => 'UTC',
        'units' => 'in',
        'seam' => '1/4',
        'may_share' => '1',
        'from' => 'file',
    ];
    foreach ([
        'no design in it' => [['other.txt' => 'x'], 'holds no design.json'],
        'a picture that is none' => [['design.json' => $document, "pictures/$hash.png" => 'no picture'], 'can’t be read'],
        'a design that unpacks without end' => [['design.json' => str_repeat(' ', 3_000_000)], 'too large'],
        'a picture that unpacks without end' => [
            ['design.json' => $document, "pictures/$hash.png" => str_repeat("\0", 9_000_000)],
            'too large',
        ],
    ] as [$files, $says]) {
        $this->from('/start')->post('/start', ['file' => $archive($files)] + $given)->assertSessionHasErrors('file');
        expect(session('errors')->first('file'))->toContain($says);
    }
    $this->post(
        '/start',
        ['file' => UploadedFile::fake()->createWithContent('design.zip', substr($bytes, 0, 200))] + $given,
    )->assertSessionHasErrors('file');
});

it('calls a clue what its quilt-along calls it, on pages, in letters and in what is kept of a page', function (): void {
    $quiltAlong = $this->quiltAlong();
    $project = $this->project($quiltAlong);
    $this->release($quiltAlong);
    $owner = $this->person($quiltAlong, Role::Owner);
    $this->actingAs($project->user)->get("/q/$project->id/clues/1")->assertSee('Clue 1')->assertDontSee('Month 1');
    $quiltAlong->update(['clue_word' => 'month']);
    foreach (["/q/$project->id", "/q/$project->id/clues/1", "/q/$project->id/bench"] as $page) {
        $this->get($page)->assertOk()->assertDontSee('Clue 1')->assertDontSee(':clue');
    }
    $this->get("/q/$project->id/clues/1")->assertSee('Month 1');
    $this->actingAs($owner)->get("/host/$quiltAlong->slug/clues")->assertSee('Months')->assertDontSee('Clues');
    $this->get("/host/$quiltAlong->slug/design/clues")->assertSee('Add a month');
    // A page of no quilt-along has the usual word again.
    $this->get('/home')->assertDontSee('month 1');
    expect(__('now.begin', ['number' => 3]))->toBe('Begin clue 3');
    $letter = new App\Mail\ClueReleasedMail($project->user, $this->clue($quiltAlong->fresh(), 1), $project);
    expect($letter->envelope()->subject)->toBe('Night Ferry: month 1 is open');
});

it('lets a member take another cloth for an optional fabric', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'two-tides']);
    $optional = ['kind' => 'set', 'place' => 'fabrics/f-b/instead', 'to' => 'f-d'];
    sendEdit($this->host, $quiltAlong, ['to' => 'f-none'] + $optional)->assertStatus(422);
    sendEdit($this->host, $quiltAlong, $optional)->assertOk();
    sendEdit($this->host, $quiltAlong, ['kind' => 'remove', 'place' => 'fabrics/f-d'])->assertStatus(422);
    $this->post("/host/$quiltAlong->slug/design/versions")->assertSessionHasNoErrors();
    $member = User::factory()->create();
    $project = app(App\Actions\Member\JoinQuiltAlong::class)($member, $quiltAlong->fresh(), 'Mine', 's-cot', 'c-first');
    $page = $this->actingAs($member)->get("/q/$project->id/fabrics")->assertOk()->assertSee(
        'This fabric is optional.',
    )->assertSee('Use Sea here too');
    expect(substr_count((string) $page->getContent(), 'This fabric is optional.'))->toBe(1);
    $this->put("/q/$project->id/fabrics/f-b", ['cloth' => 'Sea', 'colour' => '#6f9c98'])->assertSessionHasNoErrors();
    $this->get("/q/$project->id/fabrics")->assertDontSee('This fabric is optional.')->assertSee('Sea');
});

it('brings the remedy of a finding by a button, where it is mechanical', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'two-tides']);
    $path = "/host/$quiltAlong->slug/design";
    // One column too narrow, a gap in the colourway, a size whose cuts lie on no mark, and a unit that no block has.
    foreach ([
        ['kind' => 'resize-column', 'block' => 'b-shoofly', 'column' => 1, 'width' => '3'],
        ['kind' => 'set', 'place' => 'colourways/c-first/cloth/f-d'],
        ['kind' => 'set', 'place' => 'sizes/s-cot/block', 'to' => '10'],
        [
            'kind' => 'new-unit',
            'id' => 'u-spare',
            'name' => 'Spare',
            'of' => 'hst',
            'width' => '2',
            'height' => '2',
            'fabrics' => ['f-a', 'f-b'],
        ],
    ] as $edit) {
        sendEdit($this->host, $quiltAlong, $edit)->assertOk();
    }
    $press = function (string $label) use ($path): void {
        $html = (string) $this->get("$path/proof")->assertOk()->assertSee($label)->getContent();
        preg_match('/value=\'([^\']*)\'>'.preg_quote($label, '/').'</', $html, $found);
        $this->postJson("$path/edits", ['id' => (string) Str::uuid(), 'edit' => $found[1]])->assertOk();
    };
    foreach (['Make column 1 and row 1 fit', 'Give it a plain grey for now', 'Remove it'] as $label) {
        $press($label);
        $this->get("$path/proof")->assertDontSee($label);
    }
    $html = (string) $this->get("$path/proof")->getContent();
    preg_match('/Make these blocks ([^<]+)</', $html, $friendly);
    $press($friendly[0] === '' ? '' : rtrim($friendly[0], '<'));
    $this->get("$path/proof")->assertDontSee('Make these blocks')->assertDontSee('class="proof-kind is-error"', false);
    // Every one of them can be taken back.
    foreach (range(1, 4) as $ignored) {
        $this->postJson("$path/edits", ['id' => (string) Str::uuid(), 'action' => 'undo'])->assertOk();
    }
    $this->get("$path/proof")->assertSee('Make column 1 and row 1 fit')->assertSee('Give it a plain grey for now');
});

it('shows what each clue asks of every size, and why a card cannot be where it is', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'two-tides']);
    $path = "/host/$quiltAlong->slug/design";
    $this->get("$path/clues")->assertOk()->assertSee('min')->assertSee('Then 37 % of all seams are sewn.', false)
        ->assertSee('Recognisable from then on: Shoofly.')->assertDontSee('task-card-problem', false);
    $document = documentOf($quiltAlong);
    $unit = $document->at(Place::of('clues', 'k-1', 'tasks', 't-1-1'))->value;
    $this->postJson("$path/edits", ['id' => (string) Str::uuid(), 'edit' => json_encode(['kind' => 'together', 'edits' => [
        ['kind' => 'remove', 'place' => 'clues/k-1/tasks/t-1-1', 'expect' => $unit],
        ['kind' => 'add', 'to' => 'clues/k-2/tasks', 'item' => $unit],
    ]])])->assertOk();
    $this->get("$path/clues?size=s-bed")->assertSee('is made in clue 2, and Shoofly needs it in clue 1 already.');
    $this->get("$path/proof")->assertSee('Shoofly needs it in clue 1');
    $this->get("$path/clues?size=s-none")->assertOk();
    // A member sees no board.
    $this->actingAs(User::factory()->create())->get("$path/clues")->assertNotFound();
});

it('suggests a split, of which a host takes all or some', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'salt-lattice']);
    $path = "/host/$quiltAlong->slug/design";
    $was = documentOf($quiltAlong)->at(Place::of('clues'))->value;
    $page = $this->get("$path/split?clues=5&secret=1")->assertOk()->assertSee('The heaviest clue of any size would take')
        ->assertSee('Take only what is ticked');
    preg_match_all('/name="take_\d+" value="([^"]+)"/', (string) $page->getContent(), $offered);
    expect($offered[1])->not->toBe([]);
    $this->from("$path/split")->post("$path/split", ['clues' => '5', 'secret' => '1'])->assertSessionHas('warning');
    $this->from("$path/split")->post(
        "$path/split",
        ['clues' => '5', 'secret' => '1', 'take_0' => 'u-nowhere'],
    )->assertSessionHas('warning');
    expect(documentOf($quiltAlong)->at(Place::of('clues'))->value)->toBe($was);

    $this->post("$path/split", ['clues' => '5', 'secret' => '1', 'take_0' => $offered[1][0]])
        ->assertRedirect("$path/clues")->assertSessionHas('status');
    $some = documentOf($quiltAlong)->at(Place::of('clues'))->value;
    expect($some)->not->toBe($was);
    $this->post("$path/split", ['clues' => '5', 'secret' => '1', 'all' => '1'])->assertRedirect("$path/clues");
    $all = documentOf($quiltAlong)->items(Place::of('clues'));
    expect($all)->toHaveCount(5);
    $this->get("$path/split?clues=5&secret=1")->assertSee('The draft already has this split.');
    // What was split has the same work as before, in an order that comes out.
    $design = Dew\Core\Design\DesignReader::read((string) Draft::query()->whereBelongsTo($quiltAlong)->value('document'));
    $compilation = Dew\Core\Design\Compilation::of($design);
    foreach (array_keys($design->sizes) as $size) {
        $ledger = Dew\Core\Split\Ledger::of($design, Dew\Core\Split\MakingGraph::of($compilation, (string) $size));
        expect(array_filter($ledger->problems, fn ($problem): bool => in_array($problem->code, ['late', 'early'], true)))->toBe([]);
        foreach ($ledger->lines as $line) {
            expect($line->made())->toBe($line->count);
        }
    }
    // The stages of the whole quilt follow what they need, each of them once.
    expect(array_values(array_filter(array_column(array_merge(...array_column($all, 'tasks')), 'stage'))))
        ->toBe(['rows', 'centre', 'layers', 'quilting', 'binding']);
    $this->postJson("$path/edits", ['id' => (string) Str::uuid(), 'action' => 'undo'])->assertOk();
    expect(documentOf($quiltAlong)->at(Place::of('clues'))->value)->toBe($some);
});

it('leaves open clues as they are when it suggests a split', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'two-tides']);
    $path = "/host/$quiltAlong->slug/design";
    $this->post("$path/versions", ['name' => 'First', 'reason' => 'Because'])->assertSessionHasNoErrors();
    $this->release($quiltAlong->fresh(), 1);
    $first = documentOf($quiltAlong)->items(Place::of('clues'))[0];
    $this->actingAs($this->host)->get("$path/split?clues=4")->assertSee(
        'One clue stays as it is: open, a pause or a bonus.',
    )->assertSeeText('stays as it is');
    $this->post("$path/split", ['clues' => '4', 'all' => '1'])->assertRedirect("$path/clues");
    $clues = documentOf($quiltAlong)->items(Place::of('clues'));
    expect($clues[0])->toBe($first)->and($clues)->toHaveCount(4);
});

it('shows a picture to nobody who only names it', function (): void {
    Storage::fake('local');
    [$mine, $theirs] = [startedBy($this->host), startedBy($other = User::factory()->create())];
    $colourway = documentOf($mine)->items(Place::of('colourways'))[0]['id'];
    $fabric = documentOf($mine)->items(Place::of('fabrics'))[0]['id'];
    $this->actingAs($this->host)->post("/host/$mine->slug/design/pictures", [
        'colourway' => $colourway, 'fabric' => $fabric, 'picture' => UploadedFile::fake()->image('cloth.png', 40, 40),
    ])->assertSessionHasNoErrors();
    $cloth = documentOf($mine)->at(Place::of('colourways', $colourway, 'cloth', $fabric))->value;
    $this->get("/host/$mine->slug/design/pictures/{$cloth['picture']}")->assertOk();

    // Named in another draft, it does not exist there, is in no file of it, and does not come with a copy.
    $place = "colourways/$colourway/cloth/$fabric";
    sendEdit($other, $theirs, ['kind' => 'set', 'place' => $place, 'to' => $cloth])->assertOk();
    $this->actingAs($other)->get("/host/$theirs->slug/design/pictures/{$cloth['picture']}")->assertNotFound();
    $file = $this->get("/host/$theirs->slug/design/file")->assertOk()->baseResponse;
    $zip = new ZipArchive;
    $zip->open($file instanceof Symfony\Component\HttpFoundation\BinaryFileResponse ? $file->getFile()->getPathname() : '');
    expect($zip->locateName("pictures/{$cloth['picture']}.png"))->toBeFalse();
    $copy = startedBy($other, ['from' => "own:$theirs->slug"]);
    $this->get("/host/$copy->slug/design/pictures/{$cloth['picture']}")->assertNotFound();
    $document = (string) Draft::query()->whereBelongsTo($mine)->value('document');
    $read = startedBy($other, ['from' => 'file', 'file' => UploadedFile::fake()->createWithContent('design.json', $document)]);
    expect((string) Draft::query()->whereBelongsTo($read)->value('document'))->not->toContain($cloth['picture']);
    // A copy of one's own design has its pictures.
    $again = startedBy($this->host, ['from' => "own:$mine->slug"]);
    $this->actingAs($this->host->fresh())->get("/host/$again->slug/design/pictures/{$cloth['picture']}")->assertOk();
});

it('shows the picture of a size with thousands of units as a file of its own', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'harbour-sampler']);
    $path = "/host/$quiltAlong->slug/design";
    $page = (string) $this->actingAs($this->host->fresh())->get($path)->assertOk()->getContent();
    expect(substr_count($page, '<svg class="quilt-picture"'))->toBe(2);
    $svg = $this->get("$path/sizes/s-lap.svg")->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
    expect((string) $svg->getContent())->toStartWith('<svg xmlns="http://www.w3.org/2000/svg" class="quilt-picture"');
    $this->get("$path/sizes/s-none.svg")->assertNotFound();

    $document = documentOf($quiltAlong)->value;
    $document['units'] = [['id' => 'u-dot', 'name' => 'Dot', 'kind' => 'square', 'finished' => '1', 'fabrics' => [$document['fabrics'][0]['id']]]];
    $document['blocks'] = [[
        'id' => 'b-dots', 'name' => 'Dots', 'columns' => array_fill(0, 40, '1'), 'rows' => array_fill(0, 40, '1'), 'cells' => array_map(
            fn (int $cell): array => ['column' => $cell % 40 + 1, 'row' => intdiv($cell, 40) + 1, 'unit' => 'u-dot'], range(0, 1599),
        ),
    ]];
    $document['setting'] = ['kind' => 'straight', 'pattern' => [['b-dots']]];
    $document['clues'] = [];
    Draft::query()->whereBelongsTo($quiltAlong)->update(['document' => json_encode($document), 'number' => 1]);
    $large = (string) $this->get($path)->assertOk()->getContent();
    preg_match_all('~<img class="quilt-picture"[^>]*src="([^"]+)"~', $large, $found);
    expect($found[1])->toHaveCount(2)->and(strlen($large))->toBeLessThan(300_000);
    expect(strlen((string) $this->get(html_entity_decode($found[1][0]))->assertOk()->getContent()))->toBeGreaterThan(60_000);
    $this->actingAs(User::factory()->create())->get(html_entity_decode($found[1][0]))->assertNotFound();
});

it('draws the cards of a large design from one file, and keeps its board below a megabyte', function (): void {
    $quiltAlong = startedBy($this->host, ['from' => 'harbour-sampler']);
    $this->actingAs($this->host->fresh());
    $path = "/host/$quiltAlong->slug/design";
    expect((string) $this->get("$path/clues")->assertOk()->getContent())->toContain('href="#card-')->not->toContain('cards.svg');

    $document = documentOf($quiltAlong)->value;
    $fabrics = array_column($document['fabrics'], 'id');
    $document['units'] = $document['blocks'] = $document['clues'] = [];
    for ($block = 0; $block < 60; $block++) {
        $cells = [];
        for ($unit = 0; $unit < 4; $unit++) {
            $document['units'][] = [
                'id' => "u-$block-$unit", 'name' => "Unit $block $unit", 'kind' => 'hst', 'finished' => '2',
                'fabrics' => [$fabrics[$unit % 2], $fabrics[2]],
            ];
        }
        for ($cell = 0; $cell < 144; $cell++) {
            $cells[] = ['column' => $cell % 12 + 1, 'row' => intdiv($cell, 12) + 1, 'unit' => "u-$block-".($cell % 4), 'turn' => 90 * ($cell % 3)];
        }
        $document['blocks'][] = [
            'id' => "b-$block", 'name' => "Block $block", 'columns' => array_fill(0, 12, '2'), 'rows' => array_fill(0, 12, '2'), 'cells' => $cells,
        ];
        $document['clues'][intdiv($block, 5)] ??= ['id' => 'k-'.intdiv($block, 5), 'title' => "Clue $block", 'minutes' => 90, 'tasks' => []];
        $clue = &$document['clues'][intdiv($block, 5)]['tasks'];
        foreach (range(0, 3) as $unit) {
            $clue[] = ['id' => "t-$block-$unit", 'unit' => "u-$block-$unit"];
        }
        $clue[] = ['id' => "t-b-$block", 'block' => "b-$block"];
    }
    $document['setting'] = ['kind' => 'straight', 'pattern' => array_map(fn (int $row): array => array_map(fn (int $at): string => 'b-'.($row * 6 + $at), range(0, 5)), range(0, 9))];
    Draft::query()->whereBelongsTo($quiltAlong)->update(['document' => json_encode($document), 'number' => 1]);
    foreach (['clues', 'blocks'] as $page) {
        expect(strlen((string) $this->get("$path/$page")->assertOk()->getContent()))->toBeLessThan(700_000);
    }
    $board = (string) $this->get("$path/clues")->getContent();
    preg_match_all('~<use href="([^"#]+)#(card-[^"]+)"~', $board, $used);
    expect($used[2])->toHaveCount(300)->and(array_unique($used[1]))->toHaveCount(1);
    $file = $this->get(html_entity_decode($used[1][0]))->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
    $drawn = simplexml_load_string((string) $file->getContent());
    $ids = array_map(fn (SimpleXMLElement $group): string => (string) $group['id'], iterator_to_array($drawn->defs->g, false));
    expect(array_diff($used[2], $ids))->toBe([])->and(strlen((string) $file->getContent()))->toBeLessThan(700_000);
    $this->actingAs(User::factory()->create())->get(html_entity_decode($used[1][0]))->assertNotFound();
});

it('keeps together what the host says when a split is suggested', function (): void {
    $quiltAlong = $this->quiltAlong();
    $owner = $this->person($quiltAlong, Role::Owner);
    $page = "/host/$quiltAlong->slug/design/split?clues=6";
    $this->actingAs($owner)->get($page)->assertOk()->assertSeeText('What stays in one clue');
    $this->from($page)->post("/host/$quiltAlong->slug/design/edits", [
        'edit' => json_encode(['kind' => 'add', 'to' => 'together', 'item' => [
            'id' => App\Support\Placeholder::in('id', 'g'), 'makes' => [App\Support\Placeholder::in('one'), App\Support\Placeholder::in('other')],
        ]]),
        'one' => 'u-beam', 'other' => 'b-propeller',
    ])->assertRedirect($page);
    $this->get($page)->assertOk()->assertSeeText('Beam half-square triangle and Slow Propeller')->assertSeeText('Separate them');
    $study = App\Presentation\Host\Workshop\SplitStudy::of(documentOf($quiltAlong), $quiltAlong, 6, false);
    $with = array_filter($study->clues ?? [], fn (array $jobs): bool => in_array('u-beam', array_column($jobs, 'product'), true));

    expect(
        array_merge(...array_map(fn (array $jobs): array => array_column($jobs, 'product'), array_values($with))),
    )->toContain('b-propeller');
});

it('writes a picture into a clue, with what it shows, and refuses what is no picture', function (): void {
    $quiltAlong = $this->quiltAlong();
    $this->actingAs($this->person($quiltAlong, Role::Owner));
    $at = "/host/$quiltAlong->slug/design/clues/k-casting-off";
    $picture = Illuminate\Http\UploadedFile::fake()->image('seam.png', 60, 40);
    $this->from($at)->post("$at/picture", ['picture' => $picture, 'shows' => ''])->assertSessionHasErrors('shows');
    $this->post("$at/picture", ['picture' => Illuminate\Http\UploadedFile::fake()->create('seam.png', 4), 'shows' => 'x'])
        ->assertSessionHasErrors('picture');
    $this->post("$at/picture", ['picture' => $picture, 'shows' => 'A pressed seam'])->assertSessionHasNoErrors();
    $hash = documentOf($quiltAlong)->at(Place::of('clues', 'k-casting-off', 'pictures'))->value[0]['picture'];
    $this->get($at)->assertOk()->assertSee('A pressed seam')->assertSee($hash);
    $this->get("/host/$quiltAlong->slug/design/pictures/$hash")->assertOk();
    $this->post("/host/$quiltAlong->slug/design/clues/k-none/picture", ['picture' => $picture, 'shows' => 'x'])->assertNotFound();
});
