<?php

declare(strict_types=1);

return [
    'title' => 'Fabrics',
    'intro' => 'Put each letter on a bag of its fabric. Below each: what the open :clues cut from it.',
    'value' => ['light' => 'light', 'medium' => 'medium', 'dark' => 'dark'],
    'in_colourway' => 'here in :cloth',
    'in_own' => 'your :cloth',
    'own' => [
        'optional' => 'This fabric is optional.',
        'instead' => 'Take :cloth here too',
        'title' => 'Use a cloth of your own',
        'change' => 'Change your cloth',
        'name' => 'What you call it',
        'colour' => 'Its colour, for the drawings',
        'use' => 'Use this cloth',
        'remove' => 'Go back to the quilt’s cloth',
        'saved' => 'Saved. The drawings now show your cloth.',
        'removed' => 'Saved. The drawings show the quilt’s cloth again.',
        'wanted' => 'You have not chosen your cloth for this fabric yet; the drawings show the quilt’s.',
        'choose' => 'Choose it under “Fabrics”',
        'name_missing' => 'Give the cloth a name.',
        'name_long' => 'Use at most 80 characters for the name.',
        'colour_wrong' => 'Choose a colour.',
    ],
];
