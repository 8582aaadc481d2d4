<?php

declare(strict_types=1);

return [
    'name' => '45° parallelogram',
    'methods' => [
        'strip' => [
            'name' => 'From strips',
            'hint' => 'Strips cut at 45°.',
            'batches' => ':count piece|:count pieces',
        ],
    ],
];
