<?php

declare(strict_types=1);

return [
    'name' => 'Square in a square',
    'methods' => [
        'triangles' => [
            'name' => 'Cut triangles',
            'hint' => 'Four triangles round a square, trimmed to size.',
            'batches' => ':count centre square|:count centre squares',
        ],
        'flip' => [
            'name' => 'Sew and flip',
            'hint' => 'Four squares laid on the corners of a larger one. No bias edges to handle; more cloth.',
            'batches' => ':count base square|:count base squares',
        ],
    ],
    'steps' => [
        'triangles' => [
            'cut' => 'Cut the squares of :corner once, corner to corner.',
            'sew' => 'Sew a triangle of :corner to two opposite sides of the square of :centre, its long edge to the side, '
                .'middles matched, with a :seam seam.',
            'sew_again' => 'Sew the other two triangles on the same way.',
        ],
        'flip' => [
            'sew' => 'Lay squares on the :places of the square of :centre, right sides together, and sew on the lines, or a '
                .'thread outside them.',
        ],
        'press' => 'Press to :corner.',
        'trim' => 'Trim to :unfinished square, with :beyond beyond each point.',
    ],
];
