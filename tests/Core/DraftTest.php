<?php

declare(strict_types=1);

use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edits;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Draft\Place;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;

/** Night Ferry after some edits, read as far as it goes. */
function readAfter(array ...$edits): Dew\Core\Design\Reading
{
    $draft = DraftDocument::of(nightFerry()->document);
    foreach ($edits as $edit) {
        $draft = Edits::apply($draft, EditLibrary::read($edit))->document;
    }

    return DesignReader::reading($draft->document()->text);
}

it('reads a block with empty places, counts and draws what lies in it, and says that it is not finished', function (): void {
    $lift = fn (int $column, int $row): array => ['kind' => 'lift', 'block' => 'b-lantern', 'column' => $column, 'row' => $row];
    $reading = readAfter($lift(1, 1), $lift(2, 1));
    $whole = Compilation::of(nightFerry())->sized('s-crib');
    $part = Compilation::of($reading->design)->sized('s-crib');
    $lanterns = $whole->counts['b-lantern'];
    expect($part->counts['u-wake'])->toBe($whole->counts['u-wake'] - $lanterns)
        ->and($part->counts['u-beam'])->toBe($whole->counts['u-beam'] - $lanterns)
        ->and(count($part->products['b-lantern']->patches()))->toBeLessThan(count($whole->products['b-lantern']->patches()))
        ->and($part->layout->finished->encode())->toBe($whole->layout->finished->encode());
    $found = Proof::ofDraft($reading);
    expect($found[0]->code)->toBe('unfinished')->and($found[0]->severity)->toBe(Severity::Error)
        ->and($found[0]->place)->toBe('/blocks/0/cells')->and(said($found[0]->problem))->toContain('fills 14 of 16 cells');
    expect(fn () => DesignReader::read($reading->document->text))->toThrow(fn (DocumentException $error) => expect(said($error))->toContain('fills 14 of 16 cells'));
});

it('lists what is missing and what cannot be read, and the rest of the proof beside it', function (): void {
    $codes = fn (Dew\Core\Design\Reading $reading): array => array_values(array_unique(array_map(
        fn (Finding $finding): string => $finding->code,
        Proof::ofDraft($reading),
    )));
    $empty = ['kind' => 'set', 'place' => 'blocks/b-lantern/cells', 'to' => []];
    expect($codes(readAfter()))->not->toContain('unfinished')
        ->and($codes(readAfter($empty)))->toContain('unfinished')
        ->and($codes(readAfter(['kind' => 'set', 'place' => 'clues', 'to' => []])))->toContain('unfinished')
        ->and($codes(readAfter(['kind' => 'set', 'place' => 'title'])))->toBe(['unfinished'])
        ->and($codes(readAfter(['kind' => 'set', 'place' => 'units/u-beam/fabrics', 'to' => ['f-lamp']])))->toContain('unreadable')
        ->and($codes(readAfter(['kind' => 'add', 'to' => 'units', 'item' => [
            'id' => 'u-spare', 'name' => 'Spare', 'kind' => 'square', 'finished' => '3', 'fabrics' => ['f-deep'],
        ]])))->toContain('unused-unit');
});

it('finds the tasks of a clue and the cell that a pointer leads to, and nothing where there is none', function (): void {
    $draft = DraftDocument::of(nightFerry()->document);
    $tasks = array_column(DraftDocument::tasks($draft->items(Place::of('clues'))[0]), 'id');
    expect($tasks)->toBe(array_map(fn ($task): string => $task->id, array_values(nightFerry()->clues)[0]->tasks))
        ->and(DraftDocument::tasks(['tasks' => 'none']))->toBe([])
        ->and(DraftDocument::tasks(['tasks' => [['id' => 't-a'], 'text', 7]]))->toBe([['id' => 't-a']]);
    $cell = $draft->items(Place::of('blocks', 'b-lantern', 'cells'))[3];
    $number = array_search('b-lantern', array_column($draft->items(Place::of('blocks')), 'id'), true);
    expect($draft->cell("/blocks/$number/cells/3"))->toBe($cell)
        ->and($draft->cell("/blocks/$number/cells/3/turn"))->toBe($cell)
        ->and($draft->cell("/blocks/$number/cells/99"))->toBeNull()
        ->and($draft->cell("/blocks/$number"))->toBeNull()
        ->and($draft->cell('/units/0/cells/3'))->toBeNull();
});
