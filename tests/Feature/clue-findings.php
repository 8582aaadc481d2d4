<?php

declare(strict_types=1);

use Dew\Core\Design\DesignReader;

/** Night Ferry as it was first drawn, whose clues are far from even, with something changed. */
function ferry(?Closure $change = null): Dew\Core\Design\Design
{
    $document = json_decode(Tests\TestCase::document(), true);

    return DesignReader::read((string) json_encode($change === null ? $document : $change($document)));
}

/** @param  array<string, mixed>  $clue  what is changed in a clue of Night Ferry */
function clueWith(int $number, array $clue): Closure
{
    return function (array $document) use ($number, $clue): array {
        $document['clues'][$number] = [...$document['clues'][$number], ...$clue];

        return $document;
    };
}

/** @return array<string, array{string, Closure|null, string}> code, change, and part of the sentence */
function clueFindings(): array
{
    $findings = [
        ['heavy-clue', null, 'clue 1 takes 2152 minutes at size Queen, and the clues of that size take'],
        ['empty-clue', null, 'Call clue 2 a pause'],
        ['no-opening', function (array $document): array {
            unset($document['clues'][2]['introduction']);

            return $document;
        }, 'Write what members read first in clue 3'],
        ['idle-size', fn (array $document): array => [
            ...$document,
            'sizes' => [['borders' => ['e-night']] + $document['sizes'][0], ...array_slice($document['sizes'], 1)],
        ], 'in clue 7 there is nothing for Crib'],
        ['tool-late', clueWith(3, ['tools' => [['id' => 'o-a', 'name' => 'Kite ruler', 'at_least' => '4']]]), 'Name “Kite ruler” earlier'],
        ['tool-grows', function (array $document): array {
            // Small triangles in the first clue, and those of 3 in later.
            $document['units'][] = [
                'id' => 'u-tiny', 'name' => 'Spark', 'kind' => 'hst', 'finished' => '1 1/2', 'fabrics' => ['f-lamp', 'f-deep'],
            ];
            $document['blocks'] = [[
                'id' => 'b-tiny', 'name' => 'Sparks', 'columns' => ['1 1/2', '1 1/2'], 'rows' => ['1 1/2', '1 1/2'],
                'cells' => array_map(
                    fn (int $place): array => ['column' => 1 + $place % 2, 'row' => 1 + intdiv($place, 2), 'unit' => 'u-tiny'],
                    range(0, 3),
                ),
            ], ...$document['blocks']];
            $document['blocks'][1]['cells'][0] = ['column' => 1, 'row' => 1, 'block' => 'b-tiny'];
            [$beam, $blade, $wake] = $document['clues'][0]['tasks'];
            $document['clues'][0]['tasks'] = [['id' => 't-tiny', 'unit' => 'u-tiny'], ['id' => 't-sparks', 'block' => 'b-tiny'], $wake];
            $document['clues'][2]['tasks'] = [$beam, $blade, ...$document['clues'][2]['tasks']];

            return $document;
        }, 'a square ruler of 3½'],
        ['quoted-length', clueWith(0, ['introduction' => 'Cut squares of 3⅞ in, and trim to 3 3/4 in.']), 'Check “3 3/4 in”'],
        [
            'quoted-count',
            clueWith(0, ['closing' => 'You have 104 units by now.']),
            'Check “104 units” in the words of clue 1: at size Crib',
        ],
        [
            'secret-named',
            clueWith(0, ['closing' => 'Next come the pier lanterns: each Pier Lantern glows.']),
            'Leave “Pier Lantern” out of the words of clue 1',
        ],
        ['secret-picture', function (array $document): array {
            $hash = str_repeat('a', 64);
            $document['clues'][0]['pictures'] = [['id' => 'p-a', 'picture' => $hash, 'text' => 'Light']];
            $document['clues'][2]['pictures'] = [['id' => 'p-b', 'picture' => $hash, 'text' => 'The same']];

            return $document;
        }, 'Leave the picture “Light” out of clue 1'],
        [
            'task-too-early',
            clueWith(1, ['tasks' => [['id' => 't-rows', 'stage' => 'rows']]]),
            'in clue 2 it needs Pier Lantern, which is made in clue 3',
        ],
        ['little-time', null, 'Leave more time, at least'],
    ];

    return array_combine(array_column($findings, 0), $findings);
}
