<?php

declare(strict_types=1);

// What a clue may be called, for one and for several.
return [
    'clue' => ['one' => 'clue', 'many' => 'clues'],
    'month' => ['one' => 'month', 'many' => 'months'],
    'week' => ['one' => 'week', 'many' => 'weeks'],
    'part' => ['one' => 'part', 'many' => 'parts'],
];
