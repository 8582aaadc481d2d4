<?php

declare(strict_types=1);

return [
    'cut' => 'Cut',
    'sewn' => 'Sewn',
    'trimmed' => 'Trimmed',
    'done' => 'Done',
    'finished' => 'Finished',
    'of' => ':done of :total',
    'add' => 'Add :count',
    'take' => 'Take 1 off',
    'all' => 'All',
    'all_label' => ':label: all :total',
    'undo' => 'Undo',
    'add_label' => ':label: add :count',
    'take_label' => ':label: take 1 off',
    'spare' => ':count spare',
    'earlier' => ':count made to the earlier numbers',
    'full' => 'All :total are counted already, perhaps on another device.',
    'past_total' => 'Only :count is left of :total, so :asked were not added.|Only :count are left of :total, so :asked were not added.',
    'below_zero' => 'There are only :done to take off.',
    'clamped' => ':count of the :asked counted while you were away was added; :total is all.|:count of the :asked counted while you were '
        .'away were added; :total is all.',
    'typed' => ':label: type how many',
    'beyond_sewn' => '{0} None are counted as sewn yet, and :after would be trimmed.|{1} One is counted as sewn, and :after would be trimmed.'
        .'|[2,*] :count are counted as sewn, and :after would be trimmed.',
    'press_again' => 'Press the button again to count it all the same.',
    'as_sewn' => 'Count them as sewn too',
    'all_the_same' => 'Count it all the same',
    'whole_number' => 'Count in whole numbers.',
    'waiting' => 'Kept on this device; sent as soon as there is a connection.',
    'signed_out' => 'You have been signed out. What you count is kept on this device and sent once you have signed in again.',
    'sign_in' => 'Sign in',
    'not_saved' => 'That was not counted. Reload the page and try again.',
];
