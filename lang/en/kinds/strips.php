<?php

declare(strict_types=1);

return [
    'name' => 'Strips of any width',
    'methods' => [
        'sets' => [
            'name' => 'Strip sets',
            'hint' => 'Long strips sewn together, cut across into segments.',
            'batches' => ':count strip set|:count strip sets',
        ],
        'singles' => [
            'name' => 'Single pieces',
            'hint' => 'Piece by piece. Slower, and good for scraps.',
            'batches' => ':count unit, piece by piece|:count units, piece by piece',
        ],
    ],
    'steps' => [
        'press_one_way' => 'Press all seams of these sets one way, along the strip and not across it. The sets of the mirrored '
            .'units are pressed the other way, so that the seams nest.',
        'press_other_way' => 'Press all seams of these sets the other way than those of the units that are not mirrored, along '
            .'the strip and not across it: so the seams nest.',
    ],
];
