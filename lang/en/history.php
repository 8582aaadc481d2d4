<?php

declare(strict_types=1);

return [
    'title' => 'History',
    'lead' => 'What was done with this quilt-along, newest first. Changes of the draft are in its own history, on the page Versions.',
    'empty' => 'Nothing has been done yet.',
    'line' => ':who, :when',
    'someone' => 'Someone',
    'undo' => 'Take it back',
    'undone' => 'It is as it was before.',
    'was_undone' => 'undone',
    'cannot' => 'That can no longer be undone.',
    'is_open' => ':Clue :number is open by now. Withdraw it if members should not see it.',
    'is_over' => 'The hour that :clue :number had before is over. Set another one.',
    'deeds' => [
        'scheduled' => ':Clue :number is set to open on :when.',
        'about' => ':Clue :number is set to open “:about”.',
        'released' => ':Clue :number was opened at once.',
        'withdrawn' => ':Clue :number was withdrawn.',
        'dates' => '{1} The date of one :clue was set.|[2,*] The dates of :count :clues were set.',
        'published' => 'Version :number was published.',
        'corrected' => 'Version :number was published, and members of :clue :numbers were told what was wrong.',
        'kits_packed' => '{1} One order of kits was packed.|[2,*] :count orders of kits were packed.',
        'kits_handed_out' => '{1} One order of kits was handed out.|[2,*] :count orders of kits were handed out.',
        'kits_ordered' => '{1} One order of kits was put back to be packed.|[2,*] :count orders of kits were put back to be packed.',
        'settings' => 'The settings were changed.',
        'asked' => ':email was asked to help.',
        'helper' => 'What :name may do was changed.',
        'helper_gone' => ':name was taken off the helpers.',
        'code' => 'The join code was replaced.',
        'split' => 'A suggested split was taken into the draft.',
        'quilt_removed' => '“:quilt” by :name was removed.',
        'quilt_back' => '“:quilt” by :name was brought back.',
        'undid' => 'Undone: :deed',
    ],
];
