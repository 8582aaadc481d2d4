<?php

declare(strict_types=1);

return [
    'way' => [
        'open' => 'open', 'left' => 'to the left', 'right' => 'to the right', 'up' => 'up', 'down' => 'down', 'up_left' => 'up and to the left',
        'up_right' => 'up and to the right', 'down_left' => 'down and to the left', 'down_right' => 'down and to the right',
    ],
    'top' => 'The top',
    'seam' => ':id: from :from to :to, pressed :way',
    'copies' => ':count copy, all alike|:count copies, all alike',
    'count' => ':crossings crossings in the top; :left do not nest.',
    'against' => ':against seams lie against the school.',
    'all_nest' => 'Everything nests.',
    'left' => 'At :at of :of (:count times): :first and :second lie the same way. Press one of them open there, or clip it to the seam and turn it.',
    'others' => ['chequered' => 'Pressing every other copy of a block otherwise, as on a chequered board, would leave :left.',
        'rows' => 'Pressing the blocks of every other row otherwise would leave :left.',
        'columns' => 'Pressing the blocks of every other column otherwise would leave :left.',
        'free' => 'With every unit pressed by itself, :left would be left.'],
    'at' => ':x by :y in',
    'no_school' => 'The school is dark, open, side or bulk.',
    'no_pressed' => ':file is no list of seams that are pressed already. Write {"u-wake/1": "left", "b-lantern/13": "open"}.',
    'unknown_seam' => 'There is no seam ":seam". The seams are listed when --pressed is left out.',
];
