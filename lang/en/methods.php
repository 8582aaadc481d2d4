<?php

declare(strict_types=1);

return [
    'title' => 'How you make them',
    'change' => 'Make them this way',
    'chosen' => 'Your way',
    'changed' => 'The cutting list and steps now follow your way of making. Units you have counted stay counted.',
    'unknown' => 'Choose one of the ways shown.',
    'no_spares' => 'none over',
    'spares' => ':count over|:count over',
    'no_bias' => 'no bias edge outside',
    'bias' => ':count bias edge outside|all :count edges on the bias: starch, handle little',
    'oversize' => [
        'name' => 'Cut larger and trim',
        'hint' => '{An eighth of an inch; 3 mm} more for every unit across: forgiving, and every unit is trimmed to size. Without it you cut '
            .'exactly and sew a true scant seam.',
        'short' => 'cut larger',
    ],
    'waste' => ':area left over',
    'stock' => 'cloth at least :width wide',
    'cloth' => ':area of cloth',
];
