<?php

declare(strict_types=1);

use App\Actions\Host\OpenDraft;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use App\Plans\Unreleased\Documents;
use App\Presentation\Host\Workshop\CardLooks;
use App\Presentation\Host\Workshop\ClueColumns;
use App\Presentation\Host\Workshop\ClueWork;
use App\Presentation\Host\Workshop\WorkRecord;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edits;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Draft\Place;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;

/** @param  array<string, mixed>  ...$edits */
function afterEdits(DraftDocument $document, array ...$edits): DraftDocument
{
    foreach ($edits as $edit) {
        $document = Edits::apply($document, EditLibrary::read($edit))->document;
    }

    return $document;
}

/** @return list<string> */
function columnsOf(QuiltAlong $quilt, DraftDocument $document): array
{
    return ClueColumns::of($quilt, $document, ClueWork::of($document), 's-throw', CardLooks::of($quilt->fresh(), $document));
}

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->document = Documents::draft(OpenDraft::of($this->quilt));
    $this->move = ['kind' => 'move', 'place' => 'clues/k-casting-off/tasks/t-wake', 'to' => 'clues/k-slack-water/tasks'];
});

it('draws only those columns of the board anew that a moved card touches', function (): void {
    $before = columnsOf($this->quilt, $this->document);
    $after = columnsOf($this->quilt, afterEdits($this->document, ['place' => 'clues/k-engine-room/tasks/t-propeller', 'to' => 'clues/k-midstream/tasks'] + $this->move));
    $changed = array_keys(array_filter($after, fn (string $html, int $number): bool => $html !== $before[$number], ARRAY_FILTER_USE_BOTH));

    expect($changed)->toBe([3, 4])
        ->and($after[4])->toContain('Slow Propeller')->not->toContain('_token')
        ->and($after[3])->not->toContain('t-propeller')
        // Back where it was, every column is as it was, byte for byte.
        ->and(columnsOf($this->quilt, $this->document))->toBe($before);
});

it('works out the load of a moved card as if the design were read anew', function (): void {
    ClueWork::of($this->document);
    $moved = afterEdits($this->document, $this->move, [
        'kind' => 'set', 'place' => 'clues/k-midstream/kind', 'to' => 'pause',
    ]);
    $kept = ClueWork::of($moved);
    Cache::flush();

    expect(ClueWork::of($moved))->toEqual($kept)
        ->and($kept->loads[0]['s-throw']['minutes'])->toBeLessThan(ClueWork::of($this->document)->loads[0]['s-throw']['minutes']);
});

it('reads the design again where a task is new, divided or makes something else', function (array $edit): void {
    ClueWork::of($this->document);
    $changed = afterEdits($this->document, $edit);
    $work = ClueWork::of($changed);
    Cache::flush();

    expect(ClueWork::of($changed))->toEqual($work)->and($work->sizes)->not->toBe([]);
})->with([
    'new' => [['kind' => 'add', 'to' => 'clues/k-midstream/tasks', 'item' => ['id' => 't-own', 'own' => 'Sweep.', 'minutes' => 5]]],
    'taken out' => [['kind' => 'remove', 'place' => 'clues/k-casting-off/tasks/t-wake']],
    'divided' => [['kind' => 'together', 'edits' => [
        ['kind' => 'set', 'place' => 'clues/k-casting-off/tasks/t-wake/share', 'to' => ['part' => 1, 'of' => 2]],
        ['kind' => 'add', 'to' => 'clues/k-slack-water/tasks', 'item' => ['id' => 't-more', 'unit' => 'u-wake', 'share' => ['part' => 2, 'of' => 2]]],
    ]]],
    'quilted' => [['kind' => 'add', 'to' => 'clues/k-ropes/tasks', 'item' => ['id' => 't-quilt', 'quilt' => 'b-lantern', 'minutes' => 9]]],
]);

it('has no record of a draft that cannot be worked out, and an empty board', function (): void {
    $broken = new DraftDocument(['units' => []] + $this->document->value);

    expect(WorkRecord::of($broken))->toBeNull()
        ->and(ClueWork::of($broken)->loads)->toBe([])
        ->and(columnsOf($this->quilt, $broken))->toHaveCount(8);
});

it('shows chores as cards, and says why one cannot be where it is', function (): void {
    $owner = $this->person($this->quilt, Role::Owner);
    foreach ([
        ['id' => 't-rows', 'stage' => 'rows'], ['id' => 't-own', 'name' => 'Sweep the floor', 'own' => 'Sweep.', 'minutes' => 5, 'count' => 3],
    ] as $task) {
        sendEdit($owner, $this->quilt, ['kind' => 'add', 'to' => 'clues/k-slack-water/tasks', 'item' => $task])->assertOk();
    }
    $this->actingAs($owner)->get("/host/{$this->quilt->slug}/design/clues")->assertSeeText('Sew the rows')->assertSeeText('Sweep the floor')
        ->assertSeeText('It comes before Pier Lantern, which is made in clue 3.');
    $this->get("/host/{$this->quilt->slug}/design/proof")->assertSeeText('in clue 2 it needs Pier Lantern, which is made in clue 3');
});

it('puts a bonus or a pause behind a clue, and the later ones keep their order', function (): void {
    $owner = $this->person($this->quilt, Role::Owner);
    $page = (string) $this->actingAs($owner)->get("/host/{$this->quilt->slug}/design/clues")->getContent();
    preg_match_all('/value=\'([^\']*"kind":"add"[^\']*bonus[^\']*)\'/', $page, $buttons);
    $edit = json_decode($buttons[1][1], true);
    sendEdit($owner, $this->quilt, $edit)->assertOk();
    $clues = Documents::draft(OpenDraft::of($this->quilt->fresh()))->items(Place::of('clues'));

    expect(array_column($clues, 'title'))->toBe([
        'Casting off', 'Slack water', 'A bonus', 'Lanterns along the pier', 'In the engine room', 'Midstream', 'The far bank in sight',
        'Ropes across', 'Landing',
    ])->and($clues[2]['kind'])->toBe('bonus');
});

it('shows what no clue makes on the board, gives it to a clue, leaves it out, and offers it in a suggested split', function (): void {
    $host = User::factory()->create();
    $this->actingAs($host)->post('/start', [
        'name' => 'Quay', 'pace' => 'weekly', 'clue_word' => 'clue', 'zone' => 'UTC', 'units' => 'in', 'seam' => '1/4', 'may_share' => '1',
        'from' => 'file', 'file' => UploadedFile::fake()->createWithContent('design.json', smallJson([
            'setting' => [
                'kind' => 'straight', 'pattern' => [['b-one']], 'sashing' => ['width' => '1', 'fabric' => 'f-a', 'cornerstones' => 'f-b'],
                'borders' => [['id' => 'e-out', 'name' => 'Outer', 'width' => '2', 'fabric' => 'f-c']],
            ],
        ])),
    ])->assertSessionHasNoErrors();
    $quiltAlong = QuiltAlong::query()->latest('id')->firstOrFail();
    $this->actingAs($host->fresh());
    $page = fn (): string => (string) $this->get("/host/$quiltAlong->slug/design/clues")->assertOk()->getContent();
    expect($page())->toContain('Sashes (Flax)')->toContain('Cornerstones (Moss)')->toContain('Border (Outer)')->toContain('Joining the top')
        ->toContain('Layering, quilting and binding')->not->toContain('border:e-out<');
    $this->post("/host/$quiltAlong->slug/design/versions", ['reason' => 'x'])->assertSessionHasErrors('publish');
    expect(session('errors')->first('publish'))->toContain('Sashes (Flax)')->not->toContain('sashes"');

    // What is not made here needs no clue; it can be made after all.
    sendEdit($host, $quiltAlong, ['kind' => 'set', 'place' => 'not_made', 'expect' => null, 'to' => ['border:e-out', 'finishing']])->assertOk();
    expect($page())->toContain('Make it here after all');
    $split = $this->get("/host/$quiltAlong->slug/design/split?clues=3")->assertOk()->assertSee('Sashes (Flax)')->assertSee('Join the rows');
    expect((string) $split->getContent())->not->toContain('Border (Outer)');
    sendEdit($host, $quiltAlong, ['kind' => 'set', 'place' => 'not_made', 'expect' => ['border:e-out', 'finishing'], 'to' => ['finishing']])->assertOk();
    $this->post("/host/$quiltAlong->slug/design/split", ['clues' => 3, 'secret' => 0, 'all' => 1])->assertSessionHasNoErrors();
    $clues = documentOf($quiltAlong)->items(Place::of('clues'));
    $last = $clues[count($clues) - 1]['tasks'];
    // Joining comes behind everything that is joined, and borders go round it.
    expect(array_map(fn (array $task): string => $task['part'] ?? $task['stage'] ?? '', array_slice($last, -3)))->toBe(['rows', 'centre', 'border:e-out'])
        ->and(array_merge(...array_map(fn (array $clue): array => array_column($clue['tasks'], 'part'), $clues)))
        ->toEqualCanonicalizing(['sashes', 'cornerstones', 'border:e-out']);
    $this->post("/host/$quiltAlong->slug/design/versions", ['reason' => 'Only a try'])->assertSessionHasNoErrors();
});

it('divides work for one block on its card, joins it again, and tells two tasks of one unit apart in a suggested split', function (): void {
    $owner = $this->person($this->quilt, Role::Owner);
    $task = $this->document->at(Place::of('clues', 'k-casting-off', 'tasks', 't-wake'))->value;
    sendEdit($owner, $this->quilt, ['kind' => 'together', 'edits' => [
        ['kind' => 'set', 'place' => 'clues/k-casting-off/tasks/t-wake', 'expect' => $task, 'to' => $task + ['for' => 'b-lantern']],
        ['kind' => 'add', 'to' => 'clues/k-casting-off/tasks', 'item' => ['id' => 't-other', 'for' => 'b-propeller'] + $task],
    ]])->assertOk();
    $card = function (string $id): DOMElement {
        $dom = new DOMDocument;
        @$dom->loadHTML((string) test()->get("/host/{$this->quilt->slug}/design/clues")->assertOk()->getContent());
        $found = (new DOMXPath($dom))->query("//*[@data-card='clues/k-casting-off/tasks/$id']")?->item(0);

        return $found instanceof DOMElement ? $found : throw new LogicException("There is no card of $id.");
    };
    $press = function (string $id, string $label) use ($card, $owner): void {
        foreach ($card($id)->getElementsByTagName('button') as $button) {
            if (str_starts_with($button->getAttribute('aria-label'), $label)) {
                sendEdit($owner, $this->quilt, json_decode($button->getAttribute('value'), true))->assertOk();

                return;
            }
        }
        throw new LogicException("The card of $id has no button $label.");
    };
    $whole = ClueWork::of(documentOf($this->quilt))->counts['t-wake']['s-throw'];
    $press('t-wake', 'Divide');
    $work = ClueWork::of(documentOf($this->quilt));
    $blocks = $work->counts['t-lantern']['s-throw'];
    $all = array_sum(array_map(fn (string $id): int => $work->counts[$id]['s-throw'], array_keys($work->products, 'u-wake', true)));
    expect($all - $work->counts['t-other']['s-throw'])->toBe($whole)
        ->and($work->counts['t-wake']['s-throw'])->toBe(intdiv($whole, $blocks) * intdiv($blocks + 1, 2));
    $press('t-wake', 'Join');
    expect(ClueWork::of(documentOf($this->quilt))->counts['t-wake']['s-throw'])->toBe($whole);
    $study = App\Presentation\Host\Workshop\SplitStudy::of(documentOf($this->quilt), $this->quilt, 8, false);
    $names = array_column(array_merge(...$study->clues), 'name');
    expect($names)->toBe(array_values(array_unique($names)))->and(count(preg_grep('/ for /', $names)))->toBeGreaterThanOrEqual(2);
});
