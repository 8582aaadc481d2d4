<?php

declare(strict_types=1);

return [
    'name' => 'Half and two quarters',
    'methods' => [
        'strip' => [
            'name' => 'From strips',
            'hint' => 'Halves from wide strips and quarters from narrow ones, cut with a right-angled triangle ruler.',
            'batches' => ':count half triangle|:count half triangles',
        ],
        'triangles' => [
            'name' => 'Cut triangles',
            'hint' => 'One half and two quarters, so that every unit turns the same way.',
            'batches' => ':count square to cut for halves|:count squares to cut for halves',
        ],
    ],
    'steps' => [
        'cut' => 'Cut the squares of :half once corner to corner, those of :top and :left twice.',
        'strip' => 'Cut strips of :half :strip wide and strips of :top and :left :narrow wide. Cut triangles with a right-angled '
            .'triangle ruler: of the wide strips with a short side across, of the narrow ones with the long side on the '
            .'edge.',
        'layer' => 'Lay a triangle of :top and a triangle of :left out as drawn, before you sew: the other way round is another unit.',
        'sew' => 'Sew them together along the short edge with a :seam seam.',
        'press_pair' => 'Press this seam the same way in every pair.',
        'join' => 'Sew the pair to a triangle of :half along the long edge with a :seam seam.',
        'press' => 'Press the long seam to :half.',
        'trim' => 'Trim to :unfinished square, the diagonal of the ruler on the long seam.',
    ],
];
