<?php

declare(strict_types=1);

return [
    'tools' => 'What you need',
    'jump' => 'On this page',
    'cutting' => 'Cut',
    'making' => 'Make',
    'chores' => 'Also to do',
    'recap' => 'What you have by now',
    'recap_made' => ':name, one, from :clue :number.|:count of :name, from :clue :number.',
    'recap_so_far' => '{0} None of the :total of :name from clue :number are made yet.|{1} One of the :total of :name from clue :number is made.'
        .'|[2,*] :count of the :total of :name from clue :number are made.',
    'recap_in_bag' => '{1} One waits in its bag.|[2,*] :count wait in their bag.',
    'recap_enough' => '{0} That is not enough for one of :what yet.|{1} That is enough for one of the :total of :what.|[2,*] That is enough for '
        .':count of the :total of :what.',
    'recap_enough_all' => '{1} That is enough for the one :what.|[2,*] That is enough for all :count of :what.',
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
