<?php

declare(strict_types=1);

return [
    'name' => 'Slanted cut of a strip set',
    'methods' => [
        'plain' => [
            'name' => 'Strip sets, ends level',
            'hint' => 'Strips sewn with their ends level, cut at 45°.',
            'batches' => ':count strip set|:count strip sets',
        ],
        'staggered' => [
            'name' => 'Strip sets, staggered',
            'hint' => 'Strips set in one after another, which saves cloth at the slanted ends.',
            'batches' => ':count strip set|:count strip sets',
        ],
    ],
    'steps' => [
        'plain' => [
            'sew' => 'Sew the strips together along their length, ends level, with a :seam seam.',
        ],
        'staggered' => [
            'sew' => 'Sew the strips together along their length with a :seam seam, each one set in by :stagger: that saves '
                .'cloth at the slanted ends.',
        ],
        'cut' => 'Cut one end at 45°, then segments :segment wide, measured square to the cut. A full set gives :segments.',
    ],
];
