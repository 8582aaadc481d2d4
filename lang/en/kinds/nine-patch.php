<?php

declare(strict_types=1);

return [
    'name' => 'Nine-patch',
    'methods' => [
        'strips' => [
            'name' => 'Strip sets',
            'hint' => 'Two kinds of set, cut across into segments.',
            'batches' => ':count strip set|:count strip sets',
        ],
        'squares' => [
            'name' => 'Single squares',
            'hint' => 'Nine squares each. Slower, and good for scraps.',
            'batches' => ':count unit, square by square|:count units, square by square',
        ],
    ],
    'steps' => [
        'strips' => [
            'sew' => 'Sew sets of :first, :second, :first, and sets of :second, :first, :second, with a :seam seam.',
            'press' => 'Press all seams to :dark, along the strip and not across it.',
        ],
        'squares' => [
            'sew' => 'Sew rows of three with a :seam seam: :first, :second, :first twice, and :second, :first, :second once.',
            'press' => 'Press the seams to :dark.',
        ],
        'join' => 'Lay the rows out with :first in all four corners. Nest the seams and sew the rows together.',
        'press_rows' => 'Press the two long seams one way.',
    ],
];
