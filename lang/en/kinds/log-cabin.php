<?php

declare(strict_types=1);

return [
    'name' => 'Log cabin',
    'methods' => [
        'logs' => [
            'name' => 'Logs cut to length',
            'hint' => 'Every log cut first. Keeps the block true.',
            'batches' => ':count block|:count blocks',
        ],
        'strips' => [
            'name' => 'Logs trimmed as you go',
            'hint' => 'Logs cut a little long and trimmed after each seam.',
            'batches' => ':count block|:count blocks',
        ],
    ],
    'steps' => [
        'logs' => [
            'sew' => 'Sew the logs on in the order of their numbers, clockwise from the top, each with a :seam seam.',
            'sew_mirrored' => 'Sew the logs on in the order of their numbers, counter-clockwise from the top, each with a :seam seam.',
        ],
        'strips' => [
            'sew' => 'Sew a log on with a :seam seam, clockwise from the top, and trim its end level before the next one.',
            'sew_mirrored' => 'Sew a log on with a :seam seam, counter-clockwise from the top, and trim its end level before the '
                .'next one.',
        ],
        'press' => 'Press every seam away from the middle.',
        'check' => 'After course :course it reads :unfinished square. Trim now: what is off here grows with every course.',
    ],
];
