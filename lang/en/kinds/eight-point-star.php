<?php

declare(strict_types=1);

return [
    'name' => 'Eight-pointed star',
    'methods' => [
        'set-in' => [
            'name' => 'Diamonds, set-in corners',
            'hint' => 'Eight diamonds from strips, squares and triangles set in.',
            'batches' => ':count star|:count stars',
        ],
    ],
];
