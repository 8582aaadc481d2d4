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
        'rows' => 'Sew the squares of each nine-patch into rows with a :seam seam: :corner in the corners, :edge at the sides and :middle in '
            .'the middle.',
        'press' => 'Press the rows by turns to the left and to the right.',
        'join' => 'Nest the seams and sew the rows together with a :seam seam.',
        'press_joined' => 'Press these seams one way.',
        'check' => 'Measure the nine-patch before you cut it: :unfinished.',
        'cut' => 'Cut it through the middle both ways, :from from the seams of the square of :middle. Measure from the seam and '
            .'not from the edge.',
        'turn' => 'Turn the quarters as drawn.',
        'sew_again' => 'Sew them together again in two pairs, side by side, with a :seam seam. Each cut edge loses one allowance.',
        'press_again' => 'Press these seams opposite ways.',
        'join_again' => 'Nest the seams and sew the two pairs together with a :seam seam.',
        'press_joined_again' => 'Press this seam to one side, or spin it open at the crossing.',
        'trim' => 'Trim to :unfinished square and no less: less would come off the outermost pieces.',
    ],
];
