<?php

declare(strict_types=1);

return [
    'unpublished' => 'Nothing is published yet. Draw up the design, check its proof and publish it; then people can join and :clues can '
        .'get dates.',
    'title' => 'Desk',
    'quilts' => ':count quilt in the making|:count quilts in the making',
    'open_clues' => 'Open :clues',
    'none_open' => 'No :clue is open yet.',
    'invite' => 'Invite people',
    'waits' => 'To look at',
    'corrected' => ':Clue :number was corrected: :seen of :all have read it',
    'history' => 'Recent activity',
    'due' => 'Due next',
    'set_date' => 'Set a date',
    'change_date' => 'Change its date',
];
