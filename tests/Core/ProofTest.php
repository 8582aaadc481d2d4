<?php

declare(strict_types=1);

use Dew\Core\Design\DesignReader;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;

it('finds nothing to mark in Night Ferry', function (): void {
    expect(findings(fn (array $document): array => $document))->toBe([]);
});

it('finds what a strict tester would mark', function (callable $change, array $expected): void {
    expect(findings($change))->toBe($expected);
})->with([
    'a fabric nothing is cut from' => [fn (array $d): array => array_replace_recursive($d, [
        'fabrics' => [5 => ['id' => 'f-extra', 'letter' => 'F', 'name' => 'Extra', 'value' => 'light']],
        'colourways' => [['cloth' => ['f-extra' => ['name' => 'x', 'colour' => '#ffffff']]], ['cloth' => ['f-extra' => ['name' => 'x', 'colour' => '#ffffff']]]],
    ]), ['warning unused-fabric /fabrics/5']],
    'a unit no block has' => [fn (array $d): array => array_replace_recursive($d, ['units' => [4 => ['id' => 'u-extra', 'name' => 'Extra', 'kind' => 'nine-patch', 'finished' => '3', 'fabrics' => ['f-deep', 'f-mist']]]]), ['warning unused-unit /units/4']],
    'a unit no clue makes' => [function (array $d): array {
        array_pop($d['clues'][0]['tasks']);

        return $d;
    }, ['warning unmade-unit /units/2']],
    'cloth narrower than a piece' => [fn (array $d): array => ['usable_width' => '3'] + $d, [
        'error too-wide /units/0', 'error too-wide /units/1', 'error too-wide /units/2', 'error too-wide /units/3',
    ]],
    'sizes that miss the marks' => [function (array $d): array {
        foreach ($d['units'] as &$unit) {
            $unit['finished'] = '2 2/3';
        }
        foreach ($d['blocks'] as &$block) {
            $block['columns'] = $block['rows'] = array_fill(0, 4, '2 2/3');
        }

        return $d;
    }, ['warning off-mark /units/2', 'warning off-mark /units/3']],
]);

it('notes a method that leaves a quarter over', function (): void {
    // A Crib of one block: 8 four-patches take 16 of a set's 19 segments; on cloth 80 in wide a set gives 39, and 11 more units come out.
    expect(findings(fn (array $d): array => ['usable_width' => '80', 'sizes' => [['id' => 's-one', 'name' => 'One', 'columns' => 1, 'rows' => 1]]] + $d))->toBe(['note wasteful-yield /units/2']);
});

it('gives the numbers with a finding', function (): void {
    $document = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/database/designs/night-ferry.json'), true, flags: JSON_THROW_ON_ERROR);
    $document['units'][3] = ['id' => 'u-deep', 'name' => 'Deep water square', 'kind' => 'square', 'finished' => '3', 'fabrics' => ['f-deep']];
    // At a seam of 1⁄16 the squares for triangles are cut 3¼ and the plain ones 3⅛: an eighth apart, in the same cloth.
    $document['seam'] = '1/16';
    [$finding] = array_values(array_filter(Proof::of(DesignReader::read(json_encode($document, JSON_THROW_ON_ERROR))), fn (Finding $finding): bool => $finding->code === 'look-alike'));
    expect($finding->severity)->toBe(Severity::Note)
        ->and($finding->names['fabric'])->toBe('Deep water')
        ->and($finding->lengths['wider']->minus($finding->lengths['narrower'])->toFloat())->toBeLessThan(0.25);
});
