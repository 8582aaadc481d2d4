<?php

declare(strict_types=1);

return [
    'nothing' => 'There is nothing to print yet.',
    'of' => 'kit :number of :count',
    'labels' => ':name: labels of kits',
    'kit_cutting' => ':name: order of cutting',
    'kit_cutting_intro' => 'One bolt after the other. Tick a bolt once all its lengths are cut.',
    'layout' => ':name: layout',
    'rows' => ':name: labels for joining',
    'chart' => ':name: fabrics',
    'chart_intro' => 'Tape a piece of each cloth into its box.',
    'swatch' => 'cloth of :letter',
    'bags' => ':name: labels of bags',
    'plan' => ':name: cutting plan of :clue',
    'open' => 'Print',
    'names' => ['chart' => 'Fabric chart', 'bags' => 'Bag labels', 'plan' => 'Cutting plan'],
    'papers' => ['letter' => 'letter', 'a4' => 'A4'],
];
