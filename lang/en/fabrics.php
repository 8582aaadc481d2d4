<?php

declare(strict_types=1);

return [
    'title' => 'Fabrics',
    'intro' => 'Put each letter on a bag of its fabric. Below each: what the open clues cut from it.',
    'value' => ['light' => 'light', 'medium' => 'medium', 'dark' => 'dark'],
    'in_colourway' => 'here in :cloth',
];
