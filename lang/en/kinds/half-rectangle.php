<?php

declare(strict_types=1);

return [
    'name' => 'Half-rectangle triangle',
    'methods' => [
        'triangles' => [
            'name' => 'Cut triangles',
            'hint' => 'Rectangles cut once corner to corner, left or right.',
            'batches' => ':count rectangle to cut|:count rectangles to cut',
        ],
    ],
    'steps' => [
        'cut' => 'Stack the rectangles with all faces up and cut each once, corner to corner, the same way as drawn: the other '
            .'way gives the other hand.',
        'layer' => 'Lay triangles of :first and :second right sides together along the long edge, so that the tips stand out at '
            .'both ends as shown.',
        'sew' => 'Sew the long edge with a :seam seam.',
        'press' => 'Press the seam to :dark.',
        'trim' => 'Trim to :width by :unfinished, square to the right-angled corners. The seam meets the finished corners, so it '
            .'misses the raw ones by :miss.',
    ],
];
