<?php

declare(strict_types=1);

return [
    'name' => 'Uneven nine-patch',
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
];
