<?php

declare(strict_types=1);

return [
    'cutter' => 'Rotary cutter and mat',
    'marker' => 'A fine marking pen or chalk, tested on your cloth',
    'iron' => 'Iron and pressing mat',
    'square' => 'A square ruler with a diagonal, :length or more',
    'at_least' => ':tool, :length or more',
    'ruler' => 'A ruler that measures :length across, or two side by side',
];
