<?php

declare(strict_types=1);

return [
    'name' => 'Ladder',
    'methods' => [
        'bars' => [
            'name' => 'Bar by bar',
            'hint' => 'Two rails and a step, sewn one by one.',
            'batches' => ':count ladder, bar by bar|:count ladders, bar by bar',
        ],
    ],
    'steps' => [
        'bars' => ['sew' => 'Sew a rail to either side of the step with a :seam seam.'],
        'press' => 'Press to the rails.',
        'trim' => 'Trim to :width by :unfinished.',
    ],
];
