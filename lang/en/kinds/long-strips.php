<?php

declare(strict_types=1);

return [
    'methods' => [
        'diagonal' => [
            'name' => 'Diagonal joins',
            'hint' => 'Hard to see, and strong; each join costs the width of the strip.',
            'batches' => ':count strip|:count strips',
        ],
        'straight' => [
            'name' => 'Straight joins',
            'hint' => 'Saves cloth; the joins show more.',
            'batches' => ':count strip|:count strips',
        ],
    ],
    'steps' => [
        'mitre_sides' => 'Sew each strip to its side with its middle on the middle, :seam wide. Begin and end :seam before the '
            .'corners, and let as much of the strip hang over at either end.',
        'mitre_corners' => 'In each corner lay one strip straight over the other, fold it back to 45°, press the fold, and sew '
            .'in it from the inner corner outwards. Look at the corner from the front before you cut off what is '
            .'over.',
        'diagonal' => 'Join the strips end to end with diagonal seams: lay two ends square over each other and sew across the '
            .'corner. Trim to :seam.',
        'straight' => 'Join the strips end to end with a :seam seam.',
        'diagonal_apart' => 'Take strips of their own for each length, and join them end to end where one is too short: lay two '
            .'ends square over each other and sew across the corner. Trim to :seam.',
        'straight_apart' => 'Take strips of their own for each length, and join them end to end where one is too short, with a '
            .':seam seam.',
        'press' => 'Press the joins open.',
        'border' => 'Cut :count of :length, but measure your own top first: through the middle and near both edges, and take the '
            .'mean.',
        'border_check' => 'Pin the middles and the ends, then sew. A border cut longer than the top ruffles.',
        'sashing' => 'Cut :count of :length.',
        'sashing_check' => 'Measure the rows first: all long strips are as long as the mean of the rows.',
    ],
];
