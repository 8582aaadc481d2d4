<?php

declare(strict_types=1);

return [
    'strips' => 'from :count strip :width wide, :each to a strip|from :count strips :width wide, :each to a strip',
    'slanted' => 'Cut the strip at :degrees°, then every :spacing, measured square to the cut. From tip to tip it is :length.',
    'for' => 'for :task',
    'fabric' => 'Fabric',
    'cut_nothing' => 'Nothing is cut from this fabric yet.',
    'parts' => 'From your bags',
    'segments' => 'From the sewn strip sets',
];
