<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Design\DesignReader;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Edits;
use Dew\Core\Draft\Excerpt;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Draft\Kind\NewUnit;
use Dew\Core\Draft\Place;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\UnitKind;

it('makes a unit of every kind as such units usually are, and every one can be made', function (
    UnitKind $kind,
    string $width,
    string $height,
): void {
    $draft = changed(blankDraft(), ['kind' => 'new-unit', 'id' => 'u', 'name' => 'One', 'of' => $kind->value, 'width' => $width, 'height' => $height,
        'fabrics' => ['f-a', 'f-b', 'f-c']]);
    $design = DesignReader::stored(Excerpt::ofUnits($draft, ['u'])->text);
    $unit = Compilation::of($design)->products(1, 1)['u'];
    expect($unit->kind())->toBe($kind)
        ->and($unit->making($kind->methods()[0], $design->room)->pieces)->not->toBe([]);
    if ($kind->proportion() === 1 && ! $kind->isFree() && ! $kind->is('triangle-row')) {
        expect($unit->finished()->width->equals($unit->finished()->height))->toBeTrue();
    }
})->with(array_map(fn (UnitKind $kind): array => [$kind, $kind->proportion() === null ? '6' : '4', '4'], UnitLibrary::kinds()));

it('makes a unit another kind, and keeps size and fabrics as far as it can have them', function (): void {
    $draft = changed(
        blankDraft(),
        ['kind' => 'new-unit', 'id' => 'u', 'name' => 'One', 'of' => 'hst', 'width' => '4', 'height' => '4', 'fabrics' => ['f-b', 'f-c']],
        ['kind' => 'change-kind', 'unit' => 'u', 'of' => 'economy', 'expect' => 'hst'],
    );
    expect($draft->at(Place::of('units', 'u'))->value)->toBe([
        'id' => 'u',
        'name' => 'One',
        'kind' => 'economy',
        'finished' => '4',
        'fabrics' => ['f-b', 'f-c', 'f-c'],
    ]);
    $draft = changed($draft, ['kind' => 'change-kind', 'unit' => 'u', 'of' => 'geese']);
    expect($draft->at(Place::of('units', 'u', 'finished'))->value)->toBe(['width' => '8', 'height' => '4'])
        ->and($draft->at(Place::of('units', 'u', 'fabrics'))->value)->toBe(['f-b', 'f-c']);
    expect(fn () => Edits::apply($draft, EditLibrary::read(['kind' => 'change-kind', 'unit' => 'u', 'of' => 'hst', 'expect' => 'economy'])))
        ->toThrow(EditConflict::class);
    expect(fn () => Edits::apply($draft, EditLibrary::read(['kind' => 'change-kind', 'unit' => 'u-none', 'of' => 'hst'])))
        ->toThrow(EditRefused::class, 'edit.no_unit');
});

it('divides a new block evenly, and lays the first one into the quilt', function (): void {
    $draft = changed(
        blankDraft(),
        ['kind' => 'new-block', 'id' => 'b', 'name' => 'B', 'columns' => 3, 'rows' => 2, 'width' => '10', 'height' => '7 1/2'],
    );
    expect($draft->at(Place::of('blocks', 'b', 'columns'))->value)->toBe(['3 1/3', '3 1/3', '3 1/3'])
        ->and($draft->at(Place::of('blocks', 'b', 'rows'))->value)->toBe(['3 3/4', '3 3/4'])
        ->and($draft->at(Place::of('setting', 'pattern'))->value)->toBe([['b']]);
    $draft = changed(
        $draft,
        ['kind' => 'new-block', 'id' => 'b-2', 'name' => 'C', 'columns' => 1, 'rows' => 1, 'width' => '10', 'height' => '10'],
    );
    expect($draft->at(Place::of('setting', 'pattern'))->value)->toBe([['b']]);
    expect(
        fn () => EditLibrary::read([
            'kind' => 'new-block',
            'id' => 'x',
            'name' => 'X',
            'columns' => 1,
            'rows' => 1,
            'width' => 'ten',
            'height' => '1',
        ]),
    )
        ->toThrow(EditRefused::class);
});

it('gives a new fabric the first free letter and a cloth in every colourway', function (): void {
    $fabric = fn (string $id): array => ['kind' => 'new-fabric', 'id' => $id, 'name' => 'New', 'value' => 'dark', 'colour' => '#112233'];
    $draft = changed(blankDraft(), ['kind' => 'copy', 'place' => 'colourways/c-first', 'id' => 'c-2', 'name' => 'Two'],
        ['kind' => 'set', 'place' => 'fabrics/f-b/letter', 'to' => 'X'], $fabric('f-new'));
    expect($draft->at(Place::of('fabrics', 'f-new', 'letter'))->value)->toBe('B')
        ->and($draft->at(Place::of('colourways', 'c-2', 'cloth', 'f-new', 'colour'))->value)->toBe('#112233');
});

it('lays blocks into the pattern of the quilt or of one size, and lets it repeat otherwise', function (): void {
    $block = fn (string $id): array => [
        'kind' => 'new-block',
        'id' => $id,
        'name' => $id,
        'columns' => 1,
        'rows' => 1,
        'width' => '6',
        'height' => '6',
    ];
    $draft = changed(
        blankDraft(),
        $block('b-1'),
        $block('b-2'),
        ['kind' => 'resize-pattern', 'columns' => 2, 'rows' => 2],
        ['kind' => 'place', 'column' => 2, 'row' => 1, 'block' => 'b-2', 'expect' => 'b-1'],
        ['kind' => 'place', 'column' => 1, 'row' => 2],
        ['kind' => 'resize-pattern', 'size' => 's-small', 'columns' => 3, 'rows' => 1],
        ['kind' => 'place', 'size' => 's-small', 'column' => 3, 'row' => 1, 'block' => 'b-2'],
    );
    expect($draft->at(Place::of('setting', 'pattern'))->value)->toBe([['b-1', 'b-2'], [null, 'b-1']])
        ->and($draft->at(Place::of('sizes', 's-small', 'pattern'))->value)->toBe([['b-1', 'b-2', 'b-2']]);
    $refused = fn (array $edit, string $class) => expect(fn () => Edits::apply($draft, EditLibrary::read($edit)))->toThrow($class);
    $refused(['kind' => 'place', 'column' => 2, 'row' => 1, 'block' => 'b-1', 'expect' => 'b-1'], EditConflict::class);
    $refused(['kind' => 'place', 'column' => 9, 'row' => 1, 'block' => 'b-1'], EditRefused::class);
    $refused(['kind' => 'place', 'column' => 1, 'row' => 1, 'block' => 'b-none'], EditRefused::class);
    $refused(['kind' => 'resize-pattern', 'size' => 's-none', 'columns' => 1, 'rows' => 1], EditRefused::class);
});

it('makes a part of a block a section of its own, and the block takes as much of everything as before', function (): void {
    $text = (string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json');
    $before = DraftDocument::of(DesignDocument::fromJson($text));
    $nest = [
        'kind' => 'nest',
        'block' => 'b-lantern',
        'column' => 2,
        'row' => 2,
        'across' => 2,
        'down' => 2,
        'id' => 'b-middle',
        'name' => 'Middle',
    ];
    $after = changed($before, $nest);
    $sheet = fn (DraftDocument $draft) => Compiler::blockSheet(DesignReader::stored($draft->document()->text), 's-crib', 'b-lantern');
    expect(array_diff_key($sheet($after)->unitCounts, ['b-middle' => 1]))->toEqual($sheet($before)->unitCounts)
        ->and($sheet($after)->unitCounts['b-middle'])->toBe(1)
        ->and($sheet($after)->areas)->toEqual($sheet($before)->areas)
        ->and($after->at(Place::of('blocks', 'b-middle', 'cells'))->value)->toHaveCount(4);
    foreach ([['across' => 9], ['across' => 4, 'down' => 4, 'column' => 1, 'row' => 1], ['id' => 'b-propeller']] as $wrong) {
        expect(fn () => Edits::apply($before, EditLibrary::read($wrong + $nest)))->toThrow(EditRefused::class);
    }
    $spanned = changed(
        $before,
        ['kind' => 'lift', 'block' => 'b-lantern', 'column' => 4, 'row' => 2],
        ['kind' => 'span', 'block' => 'b-lantern', 'column' => 3, 'row' => 2, 'across' => 2, 'down' => 1],
    );
    expect(fn () => Edits::apply($spanned, EditLibrary::read($nest)))->toThrow(EditRefused::class, 'edit.across_the_section');
});

it('moves what lies in one place to an empty one by a swap, and takes that back', function (): void {
    $before = DraftDocument::of(
        DesignDocument::fromJson((string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json')),
    );
    $swap = fn (array $one, array $other): array => [
        'kind' => 'swap', 'block' => 'b-lantern', 'column' => $one[0], 'row' => $one[1], 'with_column' => $other[0],
        'with_row' => $other[1],
    ];
    $lift = fn (int $column, int $row): array => ['kind' => 'lift', 'block' => 'b-lantern', 'column' => $column, 'row' => $row];
    $at = fn (DraftDocument $draft, int $column, int $row): mixed => $draft->at(Place::of(
        'blocks',
        'b-lantern',
    )->cell($column, $row))->value;
    $moved = changed($before, $lift(4, 4), $swap([2, 1], [4, 4]));
    expect($at($moved, 2, 1))->toBeNull()->and($at($moved, 4, 4)['unit'])->toBe('u-beam')
        // Back again from the other side: the same bytes as if nothing had been moved.
        ->and(changed($moved, $swap([2, 1], [4, 4]))->document()->text)->toBe(changed($before, $lift(4, 4))->document()->text);
    expect(fn () => Edits::apply(
        changed($moved, $lift(1, 1)),
        EditLibrary::read($swap([1, 1], [2, 1])),
    ))->toThrow(EditRefused::class, 'edit.nothing_to_swap');
});

it('puts a frame round a block, cut wider on purpose and trimmed with it', function (): void {
    $before = DraftDocument::of(
        DesignDocument::fromJson((string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json')),
    );
    $frame = ['kind' => 'frame', 'block' => 'b-lantern', 'id' => 'u-frame', 'name' => 'Frame', 'fabric' => 'f-lamp', 'width' => '1'];
    $sheet = (fn (DraftDocument $draft): Dew\Core\Compile\QuiltSheet => Compiler::blockSheet(DesignReader::stored(Excerpt::ofBlock($draft, 'b-lantern')->text), 's-crib', 'b-lantern'));
    $plain = changed($before, $frame);
    expect($sheet($plain)->finished->encode())->toBe('14 x 14')
        ->and($plain->at(Place::of('blocks', 'b-lantern', 'trimmed'))->exists)->toBeFalse();
    $coping = changed($before, ['extra' => '1/2'] + $frame);
    $product = Compilation::of(DesignReader::stored(Excerpt::ofBlock($coping, 'b-lantern')->text))->products(1, 1);
    // Sewn 15 in large, finished at 14: the strips are sewn an inch and a half wide and an inch of them is seen.
    expect($sheet($coping)->finished->encode())->toBe('14 x 14')
        ->and($product['u-frame-side']->finished()->encode())->toBe('3/2 x 12')
        ->and($product['u-frame-level']->finished()->encode())->toBe('15 x 3/2')
        ->and(
            array_sum(array_map(fn ($patch): float => $patch->outline->area(), $product['b-lantern']->patches())),
        )->toEqualWithDelta(196.0, 1e-9)
        ->and($product['b-lantern']->losesPoints())->toBeFalse();
    expect(fn () => Edits::apply($coping, EditLibrary::read(['id' => 'u-other'] + $frame)))->toThrow(EditRefused::class, 'edit.trimmed_already')
        ->and(fn () => Edits::apply($before, EditLibrary::read(['fabric' => 'f-none'] + $frame)))->toThrow(EditRefused::class);
});

it('reads a block out of its excerpt as it is in the whole design, at every size', function (string $name): void {
    $text = (string) file_get_contents(designPath($name));
    $whole = DesignReader::read($text);
    $draft = DraftDocument::of(DesignDocument::fromJson($text));
    foreach ($draft->items(Place::of('blocks')) as $block) {
        $id = (string) $block['id'];
        $part = DesignReader::stored(Excerpt::ofBlock($draft, $id)->text);
        expect(strlen($part->document->text))->toBeLessThan(strlen($text));
        foreach (array_map(strval(...), array_keys($whole->sizes)) as $size) {
            [$one, $other] = [Compiler::blockSheet($whole, $size, $id), Compiler::blockSheet($part, $size, $id)];
            expect($other->finished->encode())->toBe($one->finished->encode())
                ->and($other->unitCounts)->toBe($one->unitCounts)
                ->and([$other->effort->seams, $other->effort->minutes])->toBe([$one->effort->seams, $one->effort->minutes]);
        }
    }
})->with(['night-ferry', 'kitchen-garden']);

it('has another key for a block when anything in it changes, and the same when something else does', function (): void {
    $draft = DraftDocument::of(
        DesignDocument::fromJson((string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json')),
    );
    $key = fn (DraftDocument $of): string => Excerpt::keyOfBlock($of, 'b-lantern');
    $after = fn (array $edit): string => $key(Edits::apply($draft, EditLibrary::read($edit))->document);
    foreach ([
        ['kind' => 'turn', 'block' => 'b-lantern', 'column' => 1, 'row' => 1, 'by' => 90],
        ['kind' => 'set', 'place' => 'units/u-beam/name', 'to' => 'Other'],
        ['kind' => 'set', 'place' => 'seam', 'to' => '3/8'],
        ['kind' => 'set', 'place' => 'sizes/s-crib/block', 'to' => '6'],
    ] as $edit) {
        expect($after($edit))->not->toBe($key($draft));
    }
    foreach ([
        ['kind' => 'turn', 'block' => 'b-propeller', 'column' => 1, 'row' => 1, 'by' => 90],
        ['kind' => 'set', 'place' => 'title', 'to' => 'Other'],
        ['kind' => 'set', 'place' => 'clues/k-casting-off/title', 'to' => 'Other'],
    ] as $edit) {
        expect($after($edit))->toBe($key($draft));
    }
});

it('refuses a size that is no length, and a unit without a fabric', function (): void {
    expect(fn () => NewUnit::usual(UnitLibrary::kind('square'), '3', 'three', ['f-a']))->toThrow(EditRefused::class, 'edit.unit_size')
        ->and(fn () => NewUnit::usual(UnitLibrary::kind('square'), '3', '3', []))->toThrow(EditRefused::class, 'edit.fabric_first');
});

it('writes a length so that it is read again as the same', function (string $text): void {
    expect(LengthText::of(Length::parse($text)))->toBe($text);
})->with(['3', '1/2', '4 5/8', '1/3', '12 1/16', '0']);

it('writes the other side of a unit in the measure that was given', function (string $height, string $width): void {
    $kinds = array_filter(UnitLibrary::kinds(), fn ($kind): bool => $kind->proportion() === 2);
    expect($kinds)->not->toBe([]);
    foreach ($kinds as $kind) {
        $finished = Dew\Core\Draft\Kind\NewUnit::usual($kind, '1', $height, ['f-a', 'f-b', 'f-c'])['finished'];
        expect($finished)->toBe(['width' => $width, 'height' => $height])
            ->and(Length::parse($width)->equals(Length::parse($height)->times(2)))->toBeTrue();
    }
})->with([['3', '6'], ['3 1/2', '7'], ['7.5 cm', '15 cm'], ['4.75 cm', '9.5 cm'], ['62 mm', '124 mm']]);
