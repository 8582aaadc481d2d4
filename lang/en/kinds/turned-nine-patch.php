<?php

declare(strict_types=1);

return [
    'name' => 'Cut and turned nine-patch',
    'methods' => [
        'cut' => [
            'name' => 'Cut up and turned',
            'hint' => 'A nine-patch, cut into four and turned.',
            'batches' => ':count corner square set|:count corner square sets',
        ],
    ],
    'steps' => [
        'sew' => 'Sew nine-patches with :corner in the corners, :edge at the sides and :middle in the middle, with a :seam seam.',
        'press' => 'Press the seams of the nine-patch open, so that its quarters lie alike however they are turned.',
        'check' => 'Measure the nine-patch before you cut it: :unfinished.',
        'cut' => 'Cut it through the middle both ways, :from from the seams of the square of :middle. Measure from the seam and '
            .'not from the edge.',
        'turn' => 'Turn the quarters as drawn.',
        'sew_again' => 'Sew them together again with a :seam seam. Each cut edge loses one allowance.',
        'press_again' => 'Press these seams to one side, or spin them open at the crossing.',
        'trim' => 'Trim to :unfinished square and no less: less would come off the outermost pieces.',
    ],
];
