<?php

declare(strict_types=1);

return [
    'name' => 'Square',
    'methods' => [
        'cut' => [
            'name' => 'Cut',
            'hint' => '',
            'batches' => ':count piece|:count pieces',
        ],
    ],
];
