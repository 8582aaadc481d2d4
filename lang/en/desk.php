<?php

declare(strict_types=1);

return [
    'unpublished' => 'Nothing is published yet. Draw the design up, look at its proof and publish it: then people can join and :clues get '
        .'their dates.',
    'title' => 'Desk',
    'quilts' => ':count quilt in the making|:count quilts in the making',
    'open_clues' => 'Open :clues',
    'none_open' => 'No :clue is open yet.',
    'invite' => 'Invite people',
    'waits' => 'To look at',
    'corrected' => ':Clue :number was corrected: :seen of :all have read it',
    'history' => 'What was done lately',
    'due' => 'Due next',
    'set_date' => 'Give it a date',
    'change_date' => 'Change its date',
];
