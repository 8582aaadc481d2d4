<?php

declare(strict_types=1);

return [
    'methods' => [
        'squares' => [
            'name' => 'From squares',
            'hint' => 'Squares cut corner to corner, the straight grain outside.',
            'batches' => ':count square|:count squares',
        ],
    ],
    'steps' => [
        'side' => 'Cut squares of :square twice, corner to corner: 4 triangles with the straight grain on their long edge, which '
            .'lies outside.',
        'corner' => 'Cut squares of :square once, corner to corner: 2 triangles with the straight grain on their short edges, '
            .'which lie outside.',
    ],
];
