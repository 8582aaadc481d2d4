<?php

declare(strict_types=1);

return [
    'name' => 'Rail',
    'methods' => [
        'strips' => [
            'name' => 'Strip sets',
            'hint' => 'Long strips sewn together, cut across into squares.',
            'batches' => ':count strip set|:count strip sets',
        ],
        'bars' => [
            'name' => 'Single bars',
            'hint' => 'Bars sewn one unit at a time, good for scraps.',
            'batches' => ':count unit, bar by bar|:count units, bar by bar',
        ],
    ],
    'steps' => [
        'strips' => [
            'sew' => 'Sew the strips together along their length in the order drawn, with a :seam seam, turning the set round '
                .'for every second seam.',
            'press' => 'Press all seams the same way, along the strip and not across it.',
        ],
        'bars' => [
            'sew' => 'Sew the bars together in the order drawn, with a :seam seam.',
        ],
    ],
];
