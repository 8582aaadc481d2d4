<?php

declare(strict_types=1);

return [
    'tools' => 'Have at hand',
    'jump' => 'On this page',
    'cutting' => 'Cut',
    'making' => 'Make',
    'chores' => 'Also to do',
    'recap' => 'What you have by now',
    'recap_made' => ':name, one, from :clue :number.|:count of :name, from :clue :number.',
    'recap_now' => 'Take them out of their bag: they are sewn now.',
    'recap_waits' => 'They wait in their bag.',
    'recap_pressed' => 'As it was pressed: :step',
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
