<?php

declare(strict_types=1);

return [
    'name' => 'Square in two squares',
    'methods' => [
        'triangles' => [
            'name' => 'Cut triangles',
            'hint' => 'Two rounds of triangles, trimmed after each.',
            'batches' => ':count centre square|:count centre squares',
        ],
    ],
    'steps' => [
        'cut' => 'Cut the squares of :inner and of :outer once, corner to corner.',
        'sew' => 'Sew a triangle of :inner to two opposite sides of the square of :centre, middles matched, with a :seam seam; '
            .'press; then the other two.',
        'trim_inner' => 'Trim to :unfinished square, with :beyond beyond each corner of the middle.',
        'sew_again' => 'Sew the triangles of :outer on the same way.',
        'press' => 'Press away from the middle.',
    ],
];
