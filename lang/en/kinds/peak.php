<?php

declare(strict_types=1);

return [
    'name' => 'Peak',
    'methods' => [
        'template' => [
            'name' => 'Template and triangles',
            'hint' => 'The peak round a template, its sides from rectangles.',
            'batches' => ':count peak|:count peaks',
        ],
    ],
];
