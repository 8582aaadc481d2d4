<?php

declare(strict_types=1);

return [
    'name' => 'Flipped corners',
    'methods' => [
        'flip' => [
            'name' => 'Sew and flip',
            'hint' => 'A square laid on each corner, sewn on the line and folded back.',
            'batches' => ':count base piece|:count base pieces',
        ],
    ],
    'steps' => [
        'mark' => 'Draw one diagonal on the back of each square of :corner.',
        'sew' => 'Lay squares into the :places of the piece of :base, right sides together, each line across its corner, and sew '
            .'on the line, or a thread outside it.',
        'sew_made' => 'Lay squares into the :places of what was made before, right sides together, each line across its corner, '
            .'and sew on the line, or a thread outside it.',
        'sew_round' => 'Round :round: lay squares into the :places, right sides together, each line across its corner, and sew '
            .'on the line, or a thread outside it. Squares of the next round would lie over these, so finish this '
            .'round first.',
        'check' => 'Fold the flap over: it reaches the corner exactly. Only then trim.',
        'cut' => 'Trim :seam beyond the seam.',
        'press' => 'Press the corner outwards.',
        'measure' => 'Check: still :width by :height.',
    ],
];
