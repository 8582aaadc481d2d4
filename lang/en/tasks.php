<?php

declare(strict_types=1);

return [
    'make' => 'Make :count',
    'make_one' => 'Make one first. Press it, measure it, then sew the rest.',
    'spares' => ':count more comes out than you need.|:count more come out than you need.',
    'remainder' => ':made were made another way. What is to cut covers the other :left.',
    'steps' => 'Steps',
    'count_off' => 'Count off',
    'trim_to' => 'Trim to',
];
