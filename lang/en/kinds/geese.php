<?php

declare(strict_types=1);

return [
    'name' => 'Flying geese',
    'methods' => [
        'no-waste' => [
            'name' => 'Four at a time',
            'hint' => 'One large square and four small ones give four units; nothing is thrown away.',
            'batches' => ':count large square|:count large squares',
        ],
        'flip' => [
            'name' => 'Sew and flip',
            'hint' => 'A rectangle and two squares, sewn on the line. Exact, and leaves small triangles over.',
            'batches' => ':count rectangle|:count rectangles',
        ],
        'triangles' => [
            'name' => 'Cut triangles',
            'hint' => 'Triangles sewn one by one. The seams are on the bias: do not pull.',
            'batches' => ':count large square|:count large squares',
        ],
        'strip' => [
            'name' => 'From strips',
            'hint' => 'Geese and skies from strips of one width, cut with a right-angled triangle ruler, tips blunted.',
            'batches' => ':count goose triangle|:count goose triangles',
        ],
    ],
    'steps' => [
        'no_waste' => [
            'mark' => 'Draw one diagonal on the back of each square of :sky.',
            'layer' => 'Lay two squares of :sky in opposite corners of a square of :goose, right sides together. They overlap in '
                .'the middle; their lines meet.',
            'sew' => 'Sew :seam from the line, on both sides of it.',
            'cut' => 'Cut on the line.',
            'layer_again' => 'Lay one more square of :sky in the empty corner of each half, its line towards the middle.',
            'sew_again' => 'Sew :seam from the line, on both sides of it, and cut on the line: 4 units.',
        ],
        'flip' => [
            'mark' => 'Draw one diagonal on the back of each square of :sky.',
            'sew' => 'Lay one on an end of a rectangle of :goose, right sides together, and sew on the line, or a thread outside it.',
            'check' => 'Fold the flap over: it reaches the corner of the rectangle exactly.',
            'cut' => 'Trim :seam beyond the seam.',
            'sew_again' => 'Sew a square of :sky on the other end the same way, so that the two seams cross. Fold it over, look '
                .'whether it reaches the corner, and trim :seam beyond the seam.',
        ],
        'triangles' => [
            'cut' => 'Cut the squares of :goose twice corner to corner, the squares of :sky once.',
            'sew' => 'Sew a triangle of :sky to each short side of a triangle of :goose with a :seam seam, starting at the wide '
                .'corner. Press after the first side.',
        ],
        'strip' => [
            'cut' => 'Cut strips of both fabrics :strip wide. Cut triangles of :goose with a right-angled triangle ruler, the '
                .'long side on the edge, and triangles of :sky with a short side across the strip.',
        ],
        'press' => 'Press to :sky.',
        'trim' => 'Trim to :width by :unfinished, with :seam beyond the point of the goose.',
    ],
];
