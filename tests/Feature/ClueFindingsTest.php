<?php

declare(strict_types=1);

use App\Wording\Host\FindingSentence;
use Dew\Core\Design\DesignReader;
use Dew\Core\Proof\ClueProof;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;

it('finds what is wrong with clues, and says what to change', function (string $code, ?Closure $change, string $sentence): void {
    $design = ferry($change);
    $days = $code === 'little-time' ? ['k-casting-off' => 2, 'k-lanterns' => 7, 'k-engine-room' => 7, 'k-ropes' => 7] : [];
    $found = array_values(array_filter(
        [...Proof::of($design), ...ClueProof::of($design, true, $days)],
        fn (Finding $finding): bool => $finding->code === $code,
    ));

    expect($found)->not->toBe([])
        ->and(implode("\n", array_map(FindingSentence::of(...), $found)))->toContain($sentence);
})->with(clueFindings());

it('says nothing of numbers that are right, of notes for other sizes, or of secrets where there are none', function (): void {
    $right = ferry(clueWith(0, [
        'introduction' => 'Cut squares of 3⅞ in, sew ¼ in from the line, trim to 3 1/2 in. In metric, 8.9 cm.',
        'notes' => [['id' => 'n-a', 'size' => 's-throw', 'text' => 'Make 104 units from 52 squares of each.']],
        'closing' => 'Each Pier Lantern glows.',
    ]));
    $codes = array_column(ClueProof::of($right, false), 'code');

    expect($codes)->not->toContain('quoted-length', 'quoted-count', 'secret-named');
});

it('asks for nothing before the clue where everything is named at the start', function (): void {
    $design = ferry(fn (array $document): array => clueWith(3, ['tools' => [['id' => 'o-a', 'name' => 'kite ruler', 'at_least' => '4']]])([
        ...$document, 'prepare' => ['tools' => [['id' => 'o-b', 'name' => 'Kite ruler', 'at_least' => '4']]],
    ]));
    $larger = ferry(fn (array $document): array => clueWith(3, ['tools' => [['id' => 'o-a', 'name' => 'kite ruler', 'at_least' => '6']]])([
        ...$document, 'prepare' => ['tools' => [['id' => 'o-b', 'name' => 'Kite ruler', 'at_least' => '4']]],
    ]));

    expect(array_column(ClueProof::of($design), 'code'))->not->toContain('tool-late')
        ->and(array_column(ClueProof::of($larger), 'code'))->toContain('tool-late');
});

it('finds nothing to mark in the demo\'s clues', function (string $name): void {
    $design = DesignReader::read((string) file_get_contents(database_path("designs/$name.json")));

    expect(array_map(fn (Finding $finding): string => $finding->key(), ClueProof::of($design)))->toBe([]);
})->with(['night-ferry', 'kitchen-garden']);
