<?php

declare(strict_types=1);

return [
    'name' => 'Kite',
    'methods' => [
        'template' => [
            'name' => 'Template and triangles',
            'hint' => 'The kite round a template, its sides from rectangles.',
            'batches' => ':count kite|:count kites',
        ],
    ],
];
