<?php

declare(strict_types=1);

return [
    'name' => 'Striped triangle and plain triangle',
    'methods' => [
        'sets' => [
            'name' => 'Squares from strip sets',
            'hint' => 'Squares of a strip set cut corner to corner; each gives two different triangles.',
            'batches' => ':count strip set|:count strip sets',
        ],
        'halves' => [
            'name' => 'The other halves',
            'hint' => 'The triangles that the squares of a strip set leave over, paired with plain ones.',
            'batches' => ':count square to cut for plain triangles|:count squares to cut for plain triangles',
        ],
    ],
    'steps' => [
        'sew' => 'Sew the strips together along their length in the order drawn, with a :seam seam.',
        'check' => 'Measure the sewn set: at least :sewn wide all the way along.',
        'cut' => 'Square one end, then cut squares of :segment. A full set gives :segments.',
        'cut_plain' => 'Cut each square of :plain once, corner to corner.',
        'halves' => 'Take the other halves of the strip-set squares out of their bag: those with :first along their straight edge.',
        'cut_diagonal' => 'Lay each square of the set with :first at the top and cut it from the bottom left to the top right. '
            .'The two triangles differ: these units take the upper ones; bag the others. Cut the squares of :plain '
            .'corner to corner too.',
        'cut_diagonal_mirrored' => 'Lay each square of the set with :first at the top and cut it from the bottom right to the '
            .'top left. The two triangles differ: these units take the upper ones; bag the others. Cut the '
            .'squares of :plain corner to corner too.',
    ],
];
