<?php

declare(strict_types=1);

return [
    'name' => 'Four-patch',
    'methods' => [
        'strips' => [
            'name' => 'Strip sets',
            'hint' => 'Two long strips sewn together, cut across into segments.',
            'batches' => ':count strip set|:count strip sets',
        ],
        'squares' => [
            'name' => 'Single squares',
            'hint' => 'Four squares each. Slower, and good for scraps.',
            'batches' => ':count unit, square by square|:count units, square by square',
        ],
    ],
    'steps' => [
        'strips' => [
            'sew' => 'Sew a strip of :first to a strip of :second along their length, with a :seam seam.',
            'press' => 'Press the seam to :dark, along the strip and not across it.',
            'check' => 'Measure the sewn set: :sewn wide all the way along.',
            'cut' => 'Square one end, then cut segments :segment wide. A full set gives :segments.',
        ],
        'squares' => [
            'sew' => 'Sew squares of :first to squares of :second in pairs, with a :seam seam.',
            'press' => 'Press the seams to :dark.',
        ],
        'join' => 'Turn every second pair, so that :first meets its neighbour only at the crossing. Nest the seams and sew.',
        'spin' => 'Press the last seam to one side, or spin it open at the crossing.',
        'trim' => 'Trim what is larger than :unfinished square, evenly from all sides.',
    ],
];
