<?php

declare(strict_types=1);

return [
    'name' => 'Quarter circle',
    'methods' => [
        'templates' => [
            'name' => 'Templates',
            'hint' => 'Both pieces cut round templates. Exact.',
            'batches' => ':count inner piece|:count inner pieces',
        ],
        'swap' => [
            'name' => 'Cut together and swapped',
            'hint' => 'Two squares cut along one curve, swapped, eased and trimmed. No template; more cloth.',
            'batches' => ':count pair of squares|:count pairs of squares',
        ],
    ],
    'steps' => [
        'templates' => [
            'cut' => 'Cut both pieces round their templates. Their curves have one centre, at the finished corner: the inner one '
                .'is cut to a radius of :inner, the outer one to :outer. Clip the notch in the middle of each at most :deep '
                .'deep.',
            'pin' => 'Pin the notches in the middle together, then both ends, :outer on top, and clip it a little where it is tight.',
        ],
        'swap' => [
            'cut' => 'Stack a square of each, faces up, and cut both at once along a quarter circle of :radius about one corner.',
            'pair' => 'Swap the inner pieces. Each pair gives one unit with :inner inside the curve and one with :outer inside '
                .'it: these units are the first kind, and the others go into a bag.',
            'trim' => 'Trim to :unfinished square, so that the curve meets both edges :meets from the corner. The two curves '
                .'differ in length: ease, and trim off centre.',
        ],
        'pin' => 'Fold both curves in half and crease them. Pin the middles and both ends, :outer on top, and clip it a little '
            .'where it is tight.',
        'sew' => 'Sew slowly with a :seam seam, easing :outer round :inner, taking each pin out before the needle.',
        'press' => 'Press the seam to one side; a curve does not lie open.',
        'trim' => 'Trim to :unfinished square, the curve the same distance from both corners it meets.',
    ],
];
