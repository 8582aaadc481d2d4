<?php

declare(strict_types=1);

return [
    'one' => ['square' => 'square', 'rectangle' => 'rectangle', 'strip' => 'strip', 'segment' => 'segment'],
    'many' => [
        'square' => 'square|squares',
        'rectangle' => 'rectangle|rectangles',
        'strip' => 'strip, the full width of the cloth|strips, the full width of the cloth',
        'segment' => 'segment from the strip set|segments from the strip sets',
    ],
];
