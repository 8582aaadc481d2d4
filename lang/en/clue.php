<?php

declare(strict_types=1);

return [
    'tools' => 'Have at hand',
    'jump' => 'On this page',
    'cutting' => 'Cut',
    'making' => 'Make',
    'step' => [
        'mark' => 'Mark',
        'layer' => 'Place',
        'sew' => 'Sew',
        'cut' => 'Cut',
        'press' => 'Press',
        'trim' => 'Trim',
        'check' => 'Check',
    ],
];
