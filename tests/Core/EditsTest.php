<?php

declare(strict_types=1);

use Dew\Core\Design\DesignDocument;
use Dew\Core\Design\DesignReader;
use Dew\Core\Draft\Applied;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\Changes;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Edits;
use Dew\Core\Draft\Kind\AddItem;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Draft\Kind\RemoveItem;
use Dew\Core\Draft\Kind\TakeBlock;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Reference;
use Dew\Core\Draft\References;

pest()->group('slow');

function draft(string $name = 'night-ferry'): DraftDocument
{
    return DraftDocument::of(DesignDocument::fromJson((string) file_get_contents(designPath($name))));
}

/** @param  array<string, mixed>  $edit */
function edited(DraftDocument $document, array $edit): Applied
{
    return Edits::apply($document, EditLibrary::read($edit));
}

/** What stands at a place after an edit of Night Ferry. */
function after(array $edit, string $place): mixed
{
    return edited(draft(), $edit)->document->at(Place::parse($place))->value;
}

/** A block of two columns and two rows with one cell of everything, written into Night Ferry. */
function small(array $cells, array $columns = ['3', '3'], array $rows = ['3', '3']): DraftDocument
{
    $block = ['id' => 'b-new', 'name' => 'New', 'columns' => $columns, 'rows' => $rows, 'cells' => $cells];

    return edited(draft(), ['kind' => 'add', 'to' => 'blocks', 'item' => $block])->document;
}

/** @return list<string> what lies where, such as "1,1 u-beam 90 m" */
function laidIn(DraftDocument $document, string $block = 'b-new'): array
{
    return array_map(fn (array $cell): string => trim(sprintf(
        '%d,%d%s %s %s %s',
        $cell['column'], $cell['row'],
        isset($cell['across']) || isset($cell['down']) ? sprintf(' %dx%d', $cell['across'] ?? 1, $cell['down'] ?? 1) : '',
        $cell['unit'] ?? $cell['block'], $cell['turn'] ?? '', isset($cell['mirror']) ? 'm' : '',
    )), $document->items(Place::of('blocks', $block, 'cells')));
}

it('finds everything by its id, whatever its position', function (): void {
    $draft = draft();
    expect($draft->at(Place::parse('units/u-beam/finished'))->value)->toBe('3')
        ->and($draft->at(Place::parse('blocks/b-lantern/cells/2,1/unit'))->value)->toBe('u-beam')
        ->and($draft->at(Place::parse('colourways/c-last-boat/cloth/f-deep/colour'))->value)->toBe('#22375a')
        ->and($draft->at(Place::parse('setting/borders/e-quay/width'))->value)->toBe('1')
        ->and($draft->at(Place::parse('units/u-none/finished'))->exists)->toBeFalse()
        ->and($draft->at(Place::parse('title/deeper'))->exists)->toBeFalse()
        ->and($draft->follower(Place::parse('sizes/s-throw')))->toBe('s-twin')
        ->and($draft->follower(Place::parse('sizes/s-queen')))->toBeNull();
    foreach (['', '/', 'units//x', str_repeat('a/', 20).'a'] as $text) {
        expect(fn () => Place::parse($text))->toThrow(EditRefused::class);
    }
});

it('sets, adds, removes and moves', function (): void {
    expect(after(['kind' => 'set', 'place' => 'title', 'to' => 'Dawn Ferry'], 'title'))->toBe('Dawn Ferry')
        ->and(after(['kind' => 'set', 'place' => 'units/u-beam/finished', 'to' => '4 1/2'], 'units/u-beam/finished'))->toBe('4 1/2')
        ->and(after(['kind' => 'set', 'place' => 'seam'], 'seam'))->toBeNull();
    $size = ['id' => 's-runner', 'name' => 'Runner', 'columns' => 1, 'rows' => 5];
    $draft = edited(draft(), ['kind' => 'add', 'to' => 'sizes', 'item' => $size, 'before' => 's-twin'])->document;
    $ids = fn (DraftDocument $draft): array => array_column($draft->items(Place::of('sizes')), 'id');
    expect($ids($draft))->toBe(['s-crib', 's-throw', 's-runner', 's-twin', 's-queen']);
    $draft = edited($draft, ['kind' => 'move', 'place' => 'sizes/s-runner', 'before' => 's-crib'])->document;
    expect($ids($draft))->toBe(['s-runner', 's-crib', 's-throw', 's-twin', 's-queen']);
    $draft = edited($draft, ['kind' => 'move', 'place' => 'sizes/s-runner'])->document;
    expect($ids($draft))->toBe(['s-crib', 's-throw', 's-twin', 's-queen', 's-runner']);
    $draft = edited($draft, ['kind' => 'remove', 'place' => 'sizes/s-throw'])->document;
    expect($ids($draft))->toBe(['s-crib', 's-twin', 's-queen', 's-runner'])
        ->and(edited($draft, ['kind' => 'copy', 'place' => 'units/u-beam', 'id' => 'u-beam-2', 'name' => 'Ray'])->document
            ->at(Place::parse('units/u-beam-2'))->value)->toMatchArray([
                'id' => 'u-beam-2',
                'name' => 'Ray',
                'kind' => 'hst',
                'finished' => '3',
            ]);
});

it('gives a cloth the new name of its fabric unless a name was typed for it, and takes both back', function (): void {
    $mist = ['kind' => 'set', 'place' => 'colourways/c-last-boat/cloth/f-mist/name', 'to' => 'Mist'];
    $document = edited(draft(), $mist)->document;
    $applied = edited($document, ['kind' => 'set', 'place' => 'fabrics/f-mist/name', 'expect' => 'Mist', 'to' => 'Haze']);
    $name = fn (DraftDocument $in, string $colourway): mixed => $in->at(Place::of('colourways', $colourway, 'cloth', 'f-mist', 'name'))->value;
    expect($name($applied->document, 'c-last-boat'))->toBe('Haze')->and($name($applied->document, 'c-first-boat'))->toBe('cream')
        ->and(after(['kind' => 'set', 'place' => 'fabrics/f-mist/name', 'to' => 'Haze'], 'colourways/c-last-boat/cloth/f-mist/name'))->toBe('pale grey')
        ->and(after(['kind' => 'set', 'place' => 'fabrics/f-mist/value', 'to' => 'dark'], 'colourways/c-last-boat/cloth/f-mist/name'))->toBe('pale grey');
    $undone = Edits::apply($applied->document, new Changes(array_map(fn (Change $change): Change => $change->undone(), array_reverse($applied->changes))));
    expect($undone->document->value)->toBe($document->value);
});

it('lays, lifts, turns, flips, spans, clothes anew and swaps what lies in a block', function (): void {
    $lay = fn (int $column, int $row, array $more = []): array => [
        'kind' => 'lay',
        'block' => 'b-new',
        'column' => $column,
        'row' => $row,
        ...$more,
    ];
    $draft = small([['column' => 2, 'row' => 2, 'unit' => 'u-beam']]);
    $draft = edited($draft, $lay(1, 1, ['unit' => 'u-wake', 'turn' => 90]))->document;
    $draft = edited($draft, $lay(2, 1, ['unit' => 'u-beam', 'mirror' => true]))->document;
    expect(laidIn($draft))->toBe(['1,1 u-wake 90', '2,1 u-beam  m', '2,2 u-beam']);
    $cell = ['block' => 'b-new', 'column' => 1, 'row' => 1];
    $draft = edited($draft, ['kind' => 'turn', ...$cell, 'by' => 270])->document;
    expect(laidIn($draft)[0])->toBe('1,1 u-wake');
    $draft = edited($draft, ['kind' => 'turn', ...$cell, 'by' => 90])->document;
    $draft = edited($draft, ['kind' => 'mirror', ...$cell])->document;
    expect(laidIn($draft)[0])->toBe('1,1 u-wake 270 m');
    $draft = edited($draft, ['kind' => 'mirror', ...$cell, 'upside_down' => true])->document;
    expect(laidIn($draft)[0])->toBe('1,1 u-wake 270');
    $draft = edited($draft, ['kind' => 'reclothe', ...$cell, 'fabrics' => ['f-deep' => 'f-river']])->document;
    expect($draft->at(Place::parse('blocks/b-new/cells/1,1/fabrics'))->value)->toBe(['f-deep' => 'f-river']);
    $draft = edited($draft, ['kind' => 'reclothe', ...$cell, 'fabrics' => ['f-deep' => 'f-deep']])->document;
    expect($draft->at(Place::parse('blocks/b-new/cells/1,1/fabrics'))->exists)->toBeFalse();
    $draft = edited($draft, ['kind' => 'span', ...$cell, 'across' => 1, 'down' => 2])->document;
    expect(laidIn($draft))->toBe(['1,1 1x2 u-wake 270', '2,1 u-beam  m', '2,2 u-beam']);
    $draft = edited($draft, ['kind' => 'swap', ...$cell, 'with_column' => 2, 'with_row' => 1])->document;
    expect(laidIn($draft))->toBe(['1,1 1x2 u-beam  m', '2,1 u-wake 270', '2,2 u-beam']);
    $draft = edited($draft, ['kind' => 'lift', 'block' => 'b-new', 'column' => 1, 'row' => 2])->document;
    expect(laidIn($draft))->toBe(['2,1 u-wake 270', '2,2 u-beam']);
    $draft = edited($draft, $lay(1, 1, ['inner' => 'b-lantern', 'across' => 1, 'down' => 2]))->document;
    expect(laidIn($draft)[0])->toBe('1,1 1x2 b-lantern');
});

it('adds, removes and resizes columns and rows, and what lies across them grows and shrinks', function (): void {
    $cells = [
        ['column' => 1, 'row' => 1, 'across' => 2, 'unit' => 'u-beam'], ['column' => 1, 'row' => 2, 'unit' => 'u-wake'],
        ['column' => 2, 'row' => 2, 'unit' => 'u-beam'],
    ];
    $draft = small($cells);
    $grid = fn (DraftDocument $draft): array => [
        $draft->at(Place::parse('blocks/b-new/columns'))->value, $draft->at(Place::parse('blocks/b-new/rows'))->value, laidIn($draft),
    ];
    $wider = edited($draft, ['kind' => 'add-column', 'block' => 'b-new', 'before' => 2, 'width' => '1 1/2'])->document;
    expect($grid($wider))->toBe([['3', '1 1/2', '3'], ['3', '3'], ['1,1 3x1 u-beam', '1,2 u-wake', '3,2 u-beam']]);
    expect($grid(edited($wider, ['kind' => 'remove-column', 'block' => 'b-new', 'column' => 2])->document))->toBe($grid($draft))
        ->and($grid(edited($wider, ['kind' => 'remove-column', 'block' => 'b-new', 'column' => 1])->document))
        ->toBe([['1 1/2', '3'], ['3', '3'], ['1,1 2x1 u-beam', '2,2 u-beam']])
        ->and(
            $grid(edited($draft, ['kind' => 'resize-row', 'block' => 'b-new', 'row' => 2, 'height' => 'auto'])->document)[1],
        )->toBe(['3', 'auto'])
        ->and($grid(edited($draft, ['kind' => 'add-row', 'block' => 'b-new', 'before' => 3, 'height' => '2'])->document))
        ->toBe([['3', '3'], ['3', '3', '2'], laidIn($draft)])
        ->and(
            $grid(edited($draft, ['kind' => 'remove-row', 'block' => 'b-new', 'row' => 1])->document)[2],
        )->toBe(['1,1 u-wake', '2,1 u-beam']);
});

it('copies a quarter by turning and by mirroring', function (): void {
    $quarter = [['column' => 1, 'row' => 1, 'unit' => 'u-beam'], ['column' => 2, 'row' => 1, 'unit' => 'u-wake', 'turn' => 90]];
    $odd = small([...$quarter, ['column' => 3, 'row' => 3, 'unit' => 'u-blade']], ['1', '1', '1', '1', '1'], ['1', '1', '1', '1', '1']);
    $copy = fn (string $by): array => laidIn(edited(
        $odd,
        ['kind' => 'copy-quarter', 'block' => 'b-new', 'from' => 'top-left', 'by' => $by],
    )->document);
    expect($copy('turn'))->toBe([
        '1,1 u-beam', '2,1 u-wake 90', '5,1 u-beam 90', '5,2 u-wake 180', '3,3 u-blade', '1,4 u-wake',
        '1,5 u-beam 270', '4,5 u-wake 270', '5,5 u-beam 180',
    ])->and($copy('mirror'))->toBe([
        '1,1 u-beam', '2,1 u-wake 90', '4,1 u-wake 270 m', '5,1 u-beam  m', '3,3 u-blade',
        '1,5 u-beam 180 m', '2,5 u-wake 90 m', '4,5 u-wake 270', '5,5 u-beam 180',
    ]);
});

it('copies no quarter of a block in which things lie where they cannot', function (): void {
    $value = draft()->value;
    $value['blocks'][0]['cells'][0]['across'] = 1_000_000_000;
    $edit = EditLibrary::read(['kind' => 'copy-quarter', 'block' => 'b-lantern', 'from' => 'top-left', 'by' => 'turn']);
    expect(fn () => Edits::apply(new DraftDocument($value), $edit))->toThrow(EditRefused::class, 'edit.reaches_beyond');
});

it('takes one fabric instead of another everywhere or in one place, and merges two', function (): void {
    $draft = edited(draft(), ['kind' => 'replace-fabric', 'fabric' => 'f-river', 'by' => 'f-lamp'])->document;
    expect(array_filter(
        References::in($draft),
        fn ($reference): bool => $reference->id === 'f-river' && ! str_starts_with($reference->user, 'colourways'),
    ))
        ->toBe([])
        ->and($draft->at(Place::parse('setting/borders/e-quay/fabric'))->value)->toBe('f-lamp');
    $one = edited(draft(), ['kind' => 'replace-fabric', 'fabric' => 'f-deep', 'by' => 'f-river', 'in' => 'units/u-beam'])->document;
    expect($one->at(Place::parse('units/u-beam/fabrics'))->value)->toBe(['f-lamp', 'f-river'])
        ->and($one->at(Place::parse('setting/borders/e-night/fabric'))->value)->toBe('f-deep');
    $merged = edited(draft(), ['kind' => 'merge-fabrics', 'fabric' => 'f-river', 'by' => 'f-lamp']);
    expect($merged->document->at(Place::parse('fabrics/f-river'))->exists)->toBeFalse()
        ->and($merged->document->at(Place::parse('colourways/c-last-boat/cloth/f-river'))->exists)->toBeFalse()
        ->and(DesignReader::reading($merged->document->document()->text)->complaints)->toBe([])
        ->and(Edits::apply($merged->document, $merged->undo())->document->document()->text)->toBe(draft()->document()->text);
});

it('takes a block of the library with all that is in it, in fabrics of this design, and nothing twice', function (string $block): void {
    $library = draft('block-library');
    $mine = array_column(draft()->items(Place::of('fabrics')), 'id');
    $match = [];
    foreach (array_column($library->items(Place::of('fabrics')), 'id') as $index => $fabric) {
        $match[$fabric] = $mine[$index % count($mine)];
    }
    $take = TakeBlock::of($library, $block, $match);
    $first = Edits::apply(draft(), $take);
    expect(References::dangling($first->document))->toBe([])
        ->and($first->document->at(Place::of('blocks', $block))->exists)->toBeTrue()
        ->and(Edits::apply($first->document, $take)->changes)->toBe([])
        ->and(Edits::apply($first->document, $first->undo())->document->document()->text)->toBe(draft()->document()->text);
    $complaints = array_filter(
        DesignReader::reading($first->document->document()->text)->complaints,
        fn ($complaint): bool => ! str_contains(said($complaint->problem), 'fabrics'),
    );
    expect($complaints)->toBe([]);
    expect(fn () => Edits::apply(draft(), TakeBlock::of($library, $block, [])))->toThrow(EditRefused::class, 'edit.fabric_for');
})->with(fn (): array => array_column(draft('block-library')->items(Place::of('blocks')), 'id'));

it('numbers the ids of what it takes where they are taken by something else', function (): void {
    $unit = ['id' => 'u-beam', 'name' => 'Other', 'kind' => 'square', 'finished' => '5', 'fabrics' => ['f-x']];
    $block = [
        'id' => 'b-five',
        'name' => 'Five',
        'columns' => ['5'],
        'rows' => ['5'],
        'cells' => [['column' => 1, 'row' => 1, 'unit' => 'u-beam']],
    ];
    $take = ['kind' => 'take', 'units' => [$unit], 'blocks' => [$block], 'fabrics' => ['f-x' => 'f-deep']];
    $draft = edited(draft(), $take)->document;
    expect($draft->at(Place::parse('units/u-beam-2/fabrics'))->value)->toBe(['f-deep'])
        ->and($draft->at(Place::parse('blocks/b-five/cells/1,1/unit'))->value)->toBe('u-beam-2')
        ->and(edited($draft, $take)->changes)->toBe([]);
    // Fabrics that change places do so at once.
    $two = ['id' => 'u-two', 'name' => 'Two', 'kind' => 'hst', 'finished' => '5', 'fabrics' => ['f-lamp', 'f-deep']];
    $swapped = [
        'kind' => 'take',
        'units' => [$two],
        'blocks' => [$block],
        'fabrics' => ['f-lamp' => 'f-deep', 'f-deep' => 'f-lamp', 'f-x' => 'f-deep'],
    ];
    expect(edited(draft(), $swapped)->document->at(Place::parse('units/u-two/fabrics'))->value)->toBe(['f-deep', 'f-lamp']);
});

it('knows everything that one thing in a design names of another', function (string $name): void {
    $draft = draft($name);
    expect(References::dangling($draft))->toBe([]);
    foreach (['fabrics', 'units', 'blocks'] as $list) {
        foreach (array_column($draft->items(Place::of($list)), 'id') as $id) {
            $named = array_filter(
                References::in($draft),
                fn (Reference $reference): bool => "$reference->list/$reference->id" === "$list/$id",
            );
            // Beside itself, every id of the demo designs stands in the text as often as something names it, or more often.
            expect(substr_count($draft->document()->text, "\"$id\"") - 1)->toBeGreaterThanOrEqual(count($named));
            if (substr_count($draft->document()->text, "\"$id\"") > 1) {
                expect($named)->not->toBe([], $id);
            }
        }
    }
})->with(['night-ferry', 'kitchen-garden', 'block-library']);

it('refuses what cannot mean anything, says the way out, and leaves the document as it was', function (array $edit, string $words): void {
    $draft = draft();
    $before = $draft->document()->text;
    try {
        edited($draft, $edit);
        $message = 'nothing was refused';
    } catch (EditRefused $refused) {
        $message = said($refused);
    }
    expect($message)->toContain($words)->and($draft->document()->text)->toBe($before);
})->with([
    'an unknown kind' => [['kind' => 'paint'], 'The kinds are: set, add'],
    'no kind' => [['place' => 'title'], 'The kinds are'],
    'a part that is missing' => [['kind' => 'turn', 'block' => 'b-lantern', 'column' => 1, 'row' => 1], '"turn" cannot be read: it has no "by".'],
    'a part that means nothing' => [
        ['kind' => 'lift', 'block' => 'b-lantern', 'column' => 1, 'row' => 1, 'colour' => 'red'],
        'means nothing here',
    ],
    'a column below one' => [['kind' => 'lift', 'block' => 'b-lantern', 'column' => 0, 'row' => 1], '"lift" cannot be read: /column is 0; it should be'],
    'a place that is none' => [['kind' => 'set', 'place' => 'units/u-beam/sparkle', 'to' => '1'], '"sparkle" means nothing there'],
    'a length that is none' => [['kind' => 'set', 'place' => 'units/u-beam/finished', 'to' => 'wide'], 'units/u-beam/finished'],
    'an id' => [['kind' => 'set', 'place' => 'units/u-beam/id', 'to' => 'u-ray'], 'never changed'],
    'an id within a thing' => [
        ['kind' => 'set', 'place' => 'sizes/s-crib', 'to' => ['id' => 's-cot', 'name' => 'Cot', 'columns' => 3, 'rows' => 3]],
        'needs the id "s-crib"',
    ],
    'an id said outright' => [
        ['kind' => 'changes', 'changes' => [['place' => 'sizes/s-crib/id', 'was' => 's-crib', 'is' => 's-cot']]],
        'never changed',
    ],
    'a sign that cannot be shown' => [['kind' => 'set', 'place' => 'title', 'to' => "Night\0Ferry"], 'characters that can be seen'],
    'more than a design holds' => [
        ['kind' => 'together', 'edits' => array_map(fn (int $number): array => ['kind' => 'add', 'to' => 'clues', 'item' => [
            'id' => "k-$number", 'title' => 'Long', 'introduction' => str_repeat('word ', 1600), 'minutes' => 1, 'tasks' => [],
        ]], range(1, 300))],
        'the most is 2000000',
    ],
    'a thing without an id' => [['kind' => 'add', 'to' => 'units', 'item' => ['name' => 'Ray']], 'needs an id'],
    'an id that is taken' => [['kind' => 'copy', 'place' => 'units/u-beam', 'id' => 'b-lantern', 'name' => 'Ray'], '"b-lantern" is taken'],
    'a thing that is there' => [['kind' => 'add', 'to' => 'clues', 'item' => ['id' => 'k-casting-off']], 'choose another id'],
    'before what is not there' => [['kind' => 'move', 'place' => 'sizes/s-crib', 'before' => 's-none'], 'no sizes/s-none'],
    'a thing that is gone' => [['kind' => 'remove', 'place' => 'sizes/s-none'], 'may be gone already'],
    'a fabric in use' => [['kind' => 'remove', 'place' => 'fabrics/f-river'], 'The fabric "f-river" is still used by'],
    'a unit in use' => [['kind' => 'remove', 'place' => 'units/u-beam'], 'is still used by blocks/b-lantern, clues/k-casting-off'],
    'a border in use' => [['kind' => 'together', 'edits' => [
        ['kind' => 'set', 'place' => 'sizes/s-crib/borders', 'to' => ['e-quay']], ['kind' => 'remove', 'place' => 'setting/borders/e-quay'],
    ]], 'still used by sizes/s-crib'],
    'a name that is not there' => [
        ['kind' => 'set', 'place' => 'units/u-beam/fabrics', 'to' => ['f-lamp', 'f-gold']],
        'does not have. Add it first',
    ],
    'a unit that is not there' => [['kind' => 'lay', 'block' => 'b-lantern', 'column' => 1, 'row' => 1, 'unit' => 'u-none'], '"u-none"'],
    'both a unit and a block' => [
        ['kind' => 'lay', 'block' => 'b-lantern', 'column' => 1, 'row' => 1, 'unit' => 'u-beam', 'inner' => 'b-lantern'],
        'either',
    ],
    'a block that is not there' => [['kind' => 'lift', 'block' => 'b-none', 'column' => 1, 'row' => 1], 'no block "b-none"'],
    'beyond the grid' => [['kind' => 'lay', 'block' => 'b-lantern', 'column' => 9, 'row' => 1, 'unit' => 'u-beam'], 'reaches beyond'],
    'two things in one place' => [
        ['kind' => 'span', 'block' => 'b-lantern', 'column' => 1, 'row' => 1, 'across' => 2, 'down' => 1],
        'covered',
    ],
    'a line that is not there' => [['kind' => 'resize-column', 'block' => 'b-lantern', 'column' => 7, 'width' => '3'], 'no place 7'],
    'the last line' => [
        ['kind' => 'together', 'edits' => array_fill(0, 4, ['kind' => 'remove-row', 'block' => 'b-lantern', 'row' => 1])],
        'keeps at least one',
    ],
    'a fabric by itself' => [['kind' => 'replace-fabric', 'fabric' => 'f-deep', 'by' => 'f-deep'], 'instead of itself'],
    'a fabric by none' => [['kind' => 'merge-fabrics', 'fabric' => 'f-deep', 'by' => 'f-none'], 'no fabric "f-none"'],
    'what has no name' => [['kind' => 'copy', 'place' => 'setting', 'id' => 'x', 'name' => 'X'], 'nothing that can be copied'],
    'a list without ids' => [['kind' => 'set', 'place' => 'blocks/b-lantern/columns/0', 'to' => '3'], 'blocks/b-lantern/columns/0'],
    'edits within edits without end' => [
        array_reduce(
            range(1, 9),
            fn (array $edit): array => ['kind' => 'together', 'edits' => [$edit]],
            ['kind' => 'set', 'place' => 'title', 'to' => 'x'],
        ),
        'too deep',
    ],
]);

it('lets edits to different things stand, and shows both values where two change the same', function (): void {
    $draft = edited(draft(), ['kind' => 'set', 'place' => 'units/u-beam/finished', 'to' => '4', 'expect' => '3'])->document;
    $draft = edited(
        $draft,
        ['kind' => 'set', 'place' => 'units/u-beam/name', 'to' => 'Ray', 'expect' => 'Beam half-square triangle'],
    )->document;
    expect($draft->at(Place::parse('units/u-beam/finished'))->value)->toBe('4');
    try {
        edited($draft, ['kind' => 'set', 'place' => 'units/u-beam/finished', 'to' => '5', 'expect' => '3']);
        $conflict = null;
    } catch (EditConflict $conflict) {
    }
    expect($conflict?->expected->value)->toBe('3')->and($conflict?->there->value)->toBe('4')->and($conflict?->wanted->value)->toBe('5')
        ->and(said($conflict))->toContain('is "4" now');

    $block = ['block' => 'b-lantern', 'column' => 2, 'row' => 1];
    $seen = ['column' => 2, 'row' => 1, 'unit' => 'u-beam', 'turn' => 180];
    $turned = edited(draft(), ['kind' => 'turn', ...$block, 'by' => 90, 'expect' => $seen])->document;
    foreach ([
        ['kind' => 'lift', ...$block], ['kind' => 'mirror', ...$block], ['kind' => 'lay', ...$block, 'unit' => 'u-wake'],
        ['kind' => 'span', ...$block, 'across' => 1, 'down' => 1], ['kind' => 'reclothe', ...$block, 'fabrics' => ['f-deep' => 'f-lamp']],
        ['kind' => 'turn', ...$block, 'by' => 90],
    ] as $edit) {
        expect(fn () => edited($turned, [...$edit, 'expect' => $seen]))->toThrow(EditConflict::class);
    }
    $wider = edited(
        draft(),
        ['kind' => 'add-column', 'block' => 'b-lantern', 'before' => 1, 'width' => '3', 'expect' => ['3', '3', '3', '3']],
    )->document;
    expect(fn () => edited($wider, ['kind' => 'remove-column', 'block' => 'b-lantern', 'column' => 1, 'expect' => ['3', '3', '3', '3']]))
        ->toThrow(EditConflict::class)
        ->and(fn () => edited(
            $draft,
            ['kind' => 'remove', 'place' => 'sizes/s-crib', 'expect' => ['id' => 's-crib']],
        ))->toThrow(EditConflict::class);

    // Taken back later than somebody else's change of the same thing, an edit says so as well; of another thing, it goes.
    $mine = edited(draft(), ['kind' => 'set', 'place' => 'title', 'to' => 'Mine']);
    $theirs = edited($mine->document, ['kind' => 'set', 'place' => 'sizes/s-crib/name', 'to' => 'Cot'])->document;
    expect(Edits::apply($theirs, $mine->undo())->document->at(Place::of('title'))->value)->toBe('Night Ferry');
    $theirs = edited($mine->document, ['kind' => 'set', 'place' => 'title', 'to' => 'Theirs'])->document;
    expect(fn () => Edits::apply($theirs, $mine->undo()))->toThrow(EditConflict::class);
});

it('moves a task into another clue, before another or at the end, and back again', function (): void {
    $move = ['kind' => 'move', 'place' => 'clues/k-casting-off/tasks/t-beam', 'to' => 'clues/k-slack-water/tasks'];
    $applied = edited(draft(), $move);
    $tasks = fn (DraftDocument $draft, string $clue): array => array_column($draft->items(Place::of('clues', $clue, 'tasks')), 'id');
    expect($tasks($applied->document, 'k-casting-off'))->not->toContain('t-beam')
        ->and($tasks($applied->document, 'k-slack-water'))->toBe(['t-beam'])
        ->and(Edits::apply($applied->document, $applied->undo())->text)->toBe(edited(
            draft(),
            ['kind' => 'set', 'place' => 'title', 'to' => 'Night Ferry'],
        )->text);
    $before = edited($applied->document, ['before' => 't-beam', 'place' => 'clues/k-casting-off/tasks/t-wake'] + $move);
    expect($tasks($before->document, 'k-slack-water'))->toBe(['t-wake', 't-beam']);
    foreach ([
        ['to' => 'clues/k-nowhere/tasks'], ['to' => 'units'], ['before' => 't-none'], ['place' => 'clues/k-casting-off/tasks/t-none'],
    ] as $wrong) {
        expect(fn () => edited(draft(), $wrong + $move))->toThrow(EditRefused::class);
    }
});

it('keeps the schema of edits in step with its own', function (): void {
    $published = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/docs/edits.schema.json'), true, flags: JSON_THROW_ON_ERROR);
    expect($published)->toBe(json_decode(json_encode(EditLibrary::schema(), JSON_THROW_ON_ERROR), true));
});

/**
 * Any edit of a document, sensible or not.
 *
 * @return array<string, mixed>
 */
function anyEdit(DraftDocument $draft): array
{
    $one = fn (array $of): mixed => $of === [] ? 'x' : $of[array_rand($of)];
    $id = fn (string $list): string => (string) $one(array_column($draft->items(Place::of($list)), 'id'));
    $block = $id('blocks');
    $cell = ['block' => $block, 'column' => mt_rand(1, 6), 'row' => mt_rand(1, 6)];
    $widths = ['1', '1 1/2', '3', 'auto', '7/3'];
    $list = $one(['units', 'blocks', 'sizes', 'clues', 'fabrics', 'colourways']);

    return match (mt_rand(1, 21)) {
        1, 2, 3 => ['kind' => 'lay', ...$cell, 'unit' => $id('units'), 'turn' => $one([0, 90, 180, 270]), 'mirror' => $one([true, false])],
        4 => ['kind' => 'lay', ...$cell, 'inner' => $id('blocks')],
        5 => ['kind' => 'lift', ...$cell],
        6 => ['kind' => 'turn', ...$cell, 'by' => $one([90, 180, 270]), ...$one([[], ['way' => 'w-other']])],
        7 => ['kind' => 'mirror', ...$cell, 'upside_down' => $one([true, false])],
        8 => ['kind' => 'span', ...$cell, 'across' => mt_rand(1, 3), 'down' => mt_rand(1, 3)],
        9 => ['kind' => 'reclothe', ...$cell, 'fabrics' => [$id('fabrics') => $id('fabrics')]],
        10 => ['kind' => 'swap', ...$cell, 'with_column' => mt_rand(1, 6), 'with_row' => mt_rand(1, 6)],
        11 => [
            'kind' => $one(['add-column', 'resize-column']),
            'block' => $block,
            ...($one([true, false]) ? ['before' => mt_rand(1, 6)] : ['column' => mt_rand(1, 6)]),
            'width' => $one($widths),
        ],
        12 => ['kind' => 'remove-'.$one(['row']), 'block' => $block, 'row' => mt_rand(1, 6)],
        13 => ['kind' => 'add-row', 'block' => $block, 'before' => mt_rand(1, 6), 'height' => $one($widths)],
        14 => [
            'kind' => 'copy-quarter',
            'block' => $block,
            'from' => $one(['top-left', 'top-right', 'bottom-right', 'bottom-left']),
            'by' => $one(['turn', 'mirror']),
        ],
        15 => ['kind' => $one(['replace-fabric', 'merge-fabrics']), 'fabric' => $id('fabrics'), 'by' => $id('fabrics')],
        16 => ['kind' => 'remove', 'place' => "$list/{$id($list)}"],
        17 => ['kind' => 'move', 'place' => "$list/{$id($list)}", 'before' => $id($list)],
        18 => ['kind' => 'copy', 'place' => "$list/{$id($list)}", 'id' => 'n-'.mt_rand(1, 9999), 'name' => 'Copy'],
        19 => [
            'kind' => 'set',
            'place' => 'units/'.$id('units').'/finished',
            'to' => $one(['2', '4 1/2', ['width' => '2', 'height' => '4']]),
        ],
        20 => $one([
            ['kind' => 'add', 'to' => "blocks/$block/ways", 'item' => ['id' => 'w-other', 'name' => 'Other']],
            ['kind' => 'remove', 'place' => "blocks/$block/ways/w-other"],
        ]),
        default => [
            'kind' => 'set',
            'place' => $one(['title', 'seam', 'setting/sashing', 'sizes/'.$id('sizes').'/columns', 'setting/pattern']),
            'to' => $one(['x', '3/8', 3, ['width' => '1', 'fabric' => $id('fabrics')], [[$id('blocks'), null]]]),
        ],
    };
}

it('gives the same bytes when an edit is undone, and can be read after any edits', function (string $name, int $seed): void {
    mt_srand($seed);
    $draft = draft($name);
    $undo = [];
    $texts = [$draft->document()->text];
    for ($tried = 0; $tried < 60; $tried++) {
        try {
            $applied = edited($draft, anyEdit($draft));
        } catch (EditRefused) {
            continue;
        }
        $back = Edits::apply($applied->document, $applied->undo());
        expect($back->text)->toBe(end($texts))
            ->and(Edits::apply($back->document, $applied->redo())->text)->toBe($applied->text);
        $draft = $applied->document;
        $undo[] = $applied;
        $texts[] = $applied->text;
    }
    expect(count($undo))->toBeGreaterThan(10);
    expect($draft->document()->text)->toBe(end($texts));
    DesignReader::reading(end($texts));
    foreach (array_reverse($undo) as $applied) {
        array_pop($texts);
        $back = Edits::apply($draft, $applied->undo());
        $draft = $back->document;
        expect($back->text)->toBe(end($texts));
    }
})->with(['night-ferry', 'kitchen-garden', 'block-library'])->with(range(1, 8));

it('puts back what stood last behind what it stood behind, though somebody has added more at the end', function (): void {
    $ids = fn (DraftDocument $draft): array => array_column($draft->items(Place::of('fabrics')), 'id');
    $fabric = fn (string $id, string $letter): array => ['id' => $id, 'letter' => $letter, 'name' => $id, 'value' => 'light'];
    $draft = blankDraft();
    $before = $ids($draft);
    $mine = Edits::apply($draft, new AddItem(Place::of('fabrics'), $fabric('f-mine', 'X')));
    $undone = Edits::apply($mine->document, $mine->undo());
    $theirs = Edits::apply($undone->document, new AddItem(Place::of('fabrics'), $fabric('f-theirs', 'Y')));
    $redone = Edits::apply($theirs->document, $undone->undo());
    expect($ids($redone->document))->toBe([...$before, 'f-mine', 'f-theirs']);

    // The same for one that was taken out, and brought back.
    $last = $before[count($before) - 1];
    $out = Edits::apply($draft, new RemoveItem(Place::of('fabrics', $last)));
    $theirs = Edits::apply($out->document, new AddItem(Place::of('fabrics'), $fabric('f-theirs', 'Y')));
    expect($ids(Edits::apply($theirs->document, $out->undo())->document))->toBe([...$before, 'f-theirs']);
});

it('removes what is named by its digest, and nothing else', function (): void {
    $draft = draft();
    $place = Place::of('blocks', 'b-lantern');
    $digest = $draft->at($place)->digest();
    // The order of keys means nothing, as it does where a value is compared.
    expect(Dew\Core\Draft\Value::of(array_reverse((array) $draft->at($place)->value, true))->digest())->toBe($digest);
    $renamed = edited($draft, ['kind' => 'set', 'place' => 'blocks/b-lantern/name', 'to' => 'Other'])->document;
    expect($renamed->at($place)->digest())->not->toBe($digest)
        ->and(fn () => (new RemoveItem($place, null, $digest))->changes($renamed))->toThrow(EditConflict::class)
        ->and((new RemoveItem($place, null, $digest))->changes($draft))->toHaveCount(1);
    $read = EditLibrary::read(['kind' => 'remove', 'place' => 'fabrics/f-nothing', 'digest' => $digest]);
    expect(fn () => $read->changes($draft))->toThrow(EditRefused::class);
});

it('writes an edit for a form with the parts of its kind alone, in one order', function (): void {
    expect(EditLibrary::form('set', to: 3, place: 'title', expect: null))->toBe(['kind' => 'set', 'place' => 'title', 'to' => 3, 'expect' => null])
        ->and(fn () => EditLibrary::form('set', plaice: 'title'))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('plaice'))
        ->and(fn () => EditLibrary::form('lift', block: 'b', column: 1, row: 1, colour: 'red'))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('colour'))
        ->and(fn () => EditLibrary::form('swap', block: 'b', column: 1, row: 1, with_column: 2))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('with_row'))
        ->and(fn () => EditLibrary::form('alter', place: 'title'))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('alter'));
});
