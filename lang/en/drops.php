<?php

declare(strict_types=1);

return [
    'to-come' => 'to come',
    'waiting' => 'open, not begun',
    'in-progress' => 'in progress',
    'done' => 'done',
    'label' => ':Clue :number: :state',
    'opens' => 'opens :when',
    'withdrawn' => 'withdrawn',
    'no_date' => 'no date yet',
    'line' => 'The :clues, in order',
    'key' => 'What the drops mean',
];
