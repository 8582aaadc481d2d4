<?php

declare(strict_types=1);

return [
    'tools' => 'Have at hand',
    'jump' => 'On this page',
    'cutting' => 'Cut',
    'making' => 'Make',
    'chores' => 'Also to do',
    'recap' => 'Before you begin',
    'machine' => 'The machine',
    'stage' => 'For',
    'needle' => 'Needle',
    'stitch' => 'Stitch length',
    'foot' => 'Foot',
    'thread' => 'Thread',
    'note' => 'For you',
    'sewn' => 'Tell us how it went',
    'bonus' => 'A bonus: nobody needs it for the quilt.',
    'pause' => 'Nothing to sew this time.',
    'step' => [
        'mark' => 'Mark',
        'layer' => 'Place',
        'sew' => 'Sew',
        'cut' => 'Cut',
        'press' => 'Press',
        'trim' => 'Trim',
        'check' => 'Check',
        'own' => 'Also',
    ],
];
