<?php

declare(strict_types=1);

return [
    'name' => 'Row of 60° triangles',
    'methods' => [
        'blunt' => [
            'name' => 'Blunt tips',
            'hint' => 'Narrower strips; the ends meet exactly.',
            'batches' => ':count row|:count rows',
        ],
        'pointed' => [
            'name' => 'Pointed tips',
            'hint' => 'Strips as high as the whole triangle; the tips overhang.',
            'batches' => ':count row|:count rows',
        ],
    ],
    'steps' => [
        'layer' => 'Lay the row out as drawn, a half triangle at each end.',
        'sew' => 'Sew the triangles into a row with a :seam seam, so that the tips stand out at both ends as shown.',
        'sew_blunt' => 'Sew the triangles into a row with a :seam seam, the blunt tips level.',
        'press' => 'Press all seams one way, lifting the iron: every edge but the base is on the bias.',
        'trim' => 'Trim what extends beyond :width by :unfinished.',
    ],
];
