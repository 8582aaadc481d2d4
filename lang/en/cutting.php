<?php

declare(strict_types=1);

return [
    'strips' => 'from :count strip :width wide, :each to a strip|from :count strips :width wide, :each to a strip',
    'for' => 'for :task',
    'fabric' => 'Fabric',
    'cut_nothing' => 'Nothing is cut from this fabric yet.',
    'parts' => 'From your bags',
    'segments' => 'From the sewn strip sets',
];
