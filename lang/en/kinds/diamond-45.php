<?php

declare(strict_types=1);

return [
    'name' => '45° diamond',
    'methods' => [
        'strip' => [
            'name' => 'From strips',
            'hint' => 'Strips cut at 45°.',
            'batches' => ':count diamond|:count diamonds',
        ],
        'blunt' => [
            'name' => 'From strips, tips blunted',
            'hint' => 'The sharp tips are cut off, so that edges meet exactly.',
            'batches' => ':count diamond|:count diamonds',
        ],
    ],
];
