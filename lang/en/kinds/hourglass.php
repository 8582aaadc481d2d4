<?php

declare(strict_types=1);

return [
    'name' => 'Hourglass',
    'methods' => [
        'squares' => [
            'name' => 'From squares',
            'hint' => 'Pairs of squares, sewn and cut twice.',
            'batches' => ':count pair of squares|:count pairs of squares',
        ],
        'triangles' => [
            'name' => 'Cut triangles',
            'hint' => 'Squares cut twice, triangles sewn one by one. The seams are on the bias: do not pull.',
            'batches' => ':count square of the first fabric|:count squares of the first fabric',
        ],
        'strip' => [
            'name' => 'Strips, long side on the edge',
            'hint' => 'Triangles cut from strips with a right-angled triangle ruler, the straight grain outside.',
            'batches' => ':count unit, triangle by triangle|:count units, triangle by triangle',
        ],
        'strip-short' => [
            'name' => 'Strips, short side across',
            'hint' => 'Triangles cut from wider strips with a right-angled triangle ruler. The outside edges are on the bias.',
            'batches' => ':count unit, triangle by triangle|:count units, triangle by triangle',
        ],
    ],
    'steps' => [
        'squares' => [
            'mark' => 'Draw one diagonal on the back of each square of :first. Lay it on its partner, right sides together.',
            'sew' => 'Sew :seam from the line, on both sides of it.',
            'cut' => 'Cut on the line.',
            'press' => 'Press every seam the same way, to :dark where it takes part.',
            'layer' => 'Draw the other diagonal on half of these triangle squares. Lay each on a plain partner, seams nested, '
                .'the fabrics that will be neighbours face to face.',
            'sew_again' => 'Sew :seam from the line, on both sides of it, and cut on the line.',
        ],
        'triangles' => [
            'cut' => 'Cut each square twice, corner to corner: 4 triangles with the straight grain on their long edge.',
            'layer' => 'Lay the four triangles of one unit out as drawn, then turn each second one onto its neighbour.',
            'sew' => 'Sew two pairs with a :seam seam along a short edge.',
            'press' => 'Press the two seams in opposite directions.',
            'join' => 'Nest the seams and join the pairs with a :seam seam.',
        ],
        'strip' => [
            'long' => 'Cut strips :strip wide. Cut triangles with a right-angled triangle ruler, the long side on the edge of '
                .'the strip, flipping it after each cut. The straight grain lies outside.',
            'short' => 'Cut strips :strip wide. Cut triangles with a right-angled triangle ruler, a short side across the strip, '
                .'flipping it after each cut. The long sides, which lie outside, are on the bias: handle them little.',
        ],
        'spin' => 'Press the last seam to one side, or spin it open at the crossing.',
        'trim' => 'Trim to :unfinished square, both diagonals of the ruler on the seams.',
    ],
];
