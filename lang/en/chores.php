<?php

declare(strict_types=1);

return [
    'joining' => 'Joining the top',
    'finishing' => 'Layering, quilting and binding',
    'times' => 'Once, about :minutes minutes|:count times, about :minutes minutes in all',
    'quilt' => 'Quilt :block',
    'kinds' => [
        'rows' => 'Sew the rows', 'centre' => 'Join the rows', 'layers' => 'Layer top, batting and back', 'quilting' => 'Quilt it',
        'binding' => 'Bind it', 'own' => 'A task of your own', 'quilt' => 'Quilt copies of a block',
    ],
    'steps' => [
        'rows' => [
            'Lay all blocks out and look at colours and turns from a distance.',
            'Number the rows at their left end, and stack each row with its number on top.',
            'Sew the blocks of each row together, edges level.',
            'Press the seams of odd rows to one side and those of even rows to the other, so that they nest.',
            'Measure each row against its neighbour before you join them.',
        ],
        'centre' => [
            'Lay two rows right sides together, their seams nesting at every crossing, and pin the crossings.',
            'Sew them together; join pairs of rows, then pairs of pairs.',
            'Press the long seams to one side.',
            'Take the numbers off, and keep one corner marked if the quilt has a right way up.',
        ],
        'layers' => [
            'Press the top and the back, and cut off loose threads.',
            'Lay the back face down and flat, the batting on it, and the top face up in the middle.',
            'Baste from the middle outwards, and check that back and batting stand out on all sides.',
        ],
        'quilting' => ['Quilt from the middle outwards.'],
        'binding' => [
            'Trim batting and back level with the top.',
            'Sew the binding on with mitred corners, fold it over the edge, and sew it down on the other side.',
        ],
    ],
];
