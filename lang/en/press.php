<?php

declare(strict_types=1);

return [
    'title' => 'Pressing',
    'lead' => 'Which way to press every seam so that seams nest where they cross. All copies of a unit or block are pressed alike.',
    'school' => 'Where nothing else decides',
    'copies_of' => 'Copies of a block',
    'copies_how' => ['alike' => 'all pressed alike', 'chequered' => 'every other one the other way', 'rows' => 'every other row the other '
        .'way',
        'columns' => 'every other column the other way'],
    'schools' => ['dark' => 'to the darker cloth', 'open' => 'open', 'side' => 'always to the same side', 'bulk' => 'to the thinner side'],
    'look' => 'Show it',
    'where' => 'Where two seams lie the same way',
    'remedy' => 'Press one of the two open there, clip it to the seam and turn it, or spin the crossing.',
    'seams' => 'Seam by seam',
    'drawing' => ':name, with a flag on every seam towards the side that it is pressed to, and a ring where two seams lie the same way',
    'seam_line' => ':at: :way',
    'between' => 'from :x1, :y1 to :x2, :y2',
    'left_line' => '{1} :of, at :x by :y :unit|[2,*] :of, at :x by :y :unit (:count times)',
    'open_page' => 'See how it is pressed',
    'way' => [
        'open' => 'open', 'left' => 'to the left', 'right' => 'to the right', 'up' => 'up', 'down' => 'down', 'up_left' => 'up and to the '
            .'left',
        'up_right' => 'up and to the right', 'down_left' => 'down and to the left', 'down_right' => 'down and to the right',
    ],
    'top' => 'The top',
    'seam' => ':id: from :from to :to, pressed :way',
    'copies' => ':count copy, all alike|:count copies, all alike',
    'count' => '{1} One crossing in the top; :left do not nest.|[0,*] :crossings crossings in the top; :left do not nest.',
    'against' => '{1} One seam is pressed against the rule you chose.|[0,*] :against seams are pressed against the rule you chose.',
    'all_nest' => 'Everything nests.',
    'left' => '{1} At :at of :of: :first and :second lie the same way. Press one of them open there, or clip it to the seam and turn it.|[2,*] '
        .'At :at of :of (:count times): :first and :second lie the same way. Press one of them open there, or clip it to the seam and turn it.',
    'other_place' => 'place :number (:block)',
    'other_places' => 'Pressed the other way, counted row by row from the top left: :places.',
    'other_copies' => ':name, every other copy',
    'others' => ['alike' => 'Pressing all copies of a block alike would leave :left.',
        'chequered' => 'Pressing every other copy of a block otherwise, as on a chequered board, would leave :left.',
        'rows' => 'Pressing the blocks of every other row otherwise would leave :left.',
        'columns' => 'Pressing the blocks of every other column otherwise would leave :left.',
        'free' => 'With every unit pressed by itself, :left would be left.'],
    'at' => ':x by :y in',
    'no_school' => 'The school is dark, open, side or bulk.',
    'no_pressed' => ':file is not a list of seams that are already pressed. Write {"u-wake/1": "left", "b-lantern/13": "open"}.',
    'unknown_seam' => 'There is no seam ":seam". The seams are listed when --pressed is left out.',
];
