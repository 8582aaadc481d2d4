<?php

declare(strict_types=1);

return [
    'how' => 'How to cut it',
    'square_up' => 'Trim off the selvedges and square up one edge before the first strip.',
    'slanted' => 'Cut the strip at :degrees°, then every :spacing, measured square to the cut. From tip to tip it is :length.',
    'for' => 'for :task',
    'fabric' => 'Fabric',
    'cut_nothing' => 'Nothing is cut from this fabric yet.',
    'parts' => 'From your bags',
    'segments' => 'From the sewn strip sets',
];
