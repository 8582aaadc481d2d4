<?php

declare(strict_types=1);

return [
    'name' => '60° triangle',
    'methods' => [
        'blunt' => [
            'name' => 'Blunt tips',
            'hint' => 'Narrower strips; the ends meet exactly.',
            'batches' => ':count triangle|:count triangles',
        ],
        'pointed' => [
            'name' => 'Pointed tips',
            'hint' => 'Strips as high as the whole triangle; the tips overhang.',
            'batches' => ':count triangle|:count triangles',
        ],
    ],
];
