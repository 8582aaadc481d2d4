<?php

declare(strict_types=1);

return [
    'name' => 'Pinwheel',
    'methods' => [
        'two' => [
            'name' => 'Triangles two at a time',
            'hint' => 'Pairs of squares, sewn either side of one diagonal.',
            'batches' => ':count pair of squares|:count pairs of squares',
        ],
        'eight' => [
            'name' => 'Triangles eight at a time',
            'hint' => 'Large pairs of squares; fast, and two pinwheels from each pair.',
            'batches' => ':count pair of squares|:count pairs of squares',
        ],
        'triangles' => [
            'name' => 'Cut triangles',
            'hint' => 'Squares cut once, triangles sewn one by one.',
            'batches' => ':count pair of squares to cut|:count pairs of squares to cut',
        ],
        'strip' => [
            'name' => 'From strips, with a triangle ruler',
            'hint' => 'Two strips laid together and cut in pairs; the tips come out blunt.',
            'batches' => ':count pinwheel|:count pinwheels',
        ],
    ],
    'steps' => [
        'layer' => 'Lay four of these out so that, going clockwise round the middle, each triangle of :first comes before the '
            .'one of :second that it is sewn to.',
        'layer_mirrored' => 'Lay four of these out so that, going clockwise round the middle, each triangle of :second comes '
            .'before the one of :first that it is sewn to.',
        'sew' => 'Sew two pairs with a :seam seam.',
        'press' => 'Press the two seams in opposite directions.',
        'join' => 'Nest the seams and join the pairs with a :seam seam.',
        'spin' => 'Spin the last seam open at the crossing: the middle shows a tiny pinwheel.',
    ],
];
