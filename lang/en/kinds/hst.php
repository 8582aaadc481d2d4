<?php

declare(strict_types=1);

return [
    'name' => 'Half-square triangle',
    'methods' => [
        'two' => [
            'name' => 'Two at a time',
            'hint' => 'Pairs of squares, sewn either side of one diagonal.',
            'batches' => ':count pair of squares|:count pairs of squares',
        ],
        'eight' => [
            'name' => 'Eight at a time',
            'hint' => 'Large pairs of squares, sewn either side of both diagonals. Fast; leaves some over.',
            'batches' => ':count pair of squares|:count pairs of squares',
        ],
        'four' => [
            'name' => 'Four at a time',
            'hint' => 'Pairs of squares sewn all round, cut on both diagonals.',
            'batches' => ':count pair of squares|:count pairs of squares',
        ],
        'triangles' => [
            'name' => 'Cut triangles',
            'hint' => 'Squares cut once, triangles sewn one by one. The seam is on the bias: do not pull.',
            'batches' => ':count pair of squares to cut|:count pairs of squares to cut',
        ],
        'strip' => [
            'name' => 'Strips and a triangle ruler',
            'hint' => 'Pairs of strips cut with a triangle ruler; the tips come out blunt.',
            'batches' => ':count pair of triangles|:count pairs of triangles',
        ],
        'grid' => [
            'name' => 'Printed paper grid',
            'hint' => 'Twelve at a time, sewn on the lines of a printed sheet. Exact; the paper has to be torn off.',
            'batches' => ':count grid|:count grids',
        ],
    ],
    'steps' => [
        'two' => [
            'mark' => 'Draw one diagonal on the back of each square of :light.',
            'sew' => 'Sew :seam from the line, on both sides of it.',
            'cut' => 'Cut on the drawn line. Each pair gives 2 units.',
        ],
        'eight' => [
            'mark' => 'Draw both diagonals on the back of each square of :light.',
            'sew' => 'Sew :seam from each line, on both sides of it: four seams.',
            'cut' => 'Do not move the square. Cut it in half across and down, then on both drawn lines. Each pair gives 8 units.',
        ],
        'four' => [
            'layer' => 'Lay a square of :light on a square of :dark, right sides together, edges level.',
            'sew' => 'Sew all round, :seam from the edge.',
            'cut' => 'Cut on both diagonals. Each pair gives 4 units, with every edge on the bias.',
        ],
        'triangles' => [
            'cut' => 'Cut each square once, corner to corner.',
            'layer' => 'Lay a triangle of :light on a triangle of :dark, right sides together, the long edges level.',
            'sew' => 'Sew the long edge with a :seam seam, the ends level.',
        ],
        'strip' => [
            'layer' => 'Lay a strip of :light and a strip of :dark, both :strip wide, right sides together.',
            'cut' => 'Cut pairs of triangles with a triangle ruler for units of :unfinished, flipping it after each cut. The '
                .'tips come out blunt.',
        ],
        'grid' => [
            'layer' => 'Lay the pieces of :light and :dark right sides together and pin the printed paper on top.',
            'sew' => 'Sew on all dashed lines, :seam either side of the diagonals, with short stitches.',
            'cut' => 'Cut on all solid lines and take the paper off. Each grid of six cells gives 12 units.',
        ],
        'layer' => 'Lay each marked square on a square of :dark, right sides together, edges level.',
        'press' => 'Press the seam to :dark, lifting the iron.',
        'press_same' => 'Press the seam to :dark, lifting the iron.',
        'trim' => 'Trim to :unfinished square, the diagonal of the ruler on the seam.',
    ],
];
