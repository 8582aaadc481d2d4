<?php

declare(strict_types=1);

return [
    'title' => 'Settings',
    'save' => 'Save',
    'saved' => 'Saved.',
    'helpers' => 'Helpers',
    'no_helpers' => 'There are no helpers yet. Helpers see the design and how far members are.',
    'email' => 'Invite someone by e-mail',
    'may_edit' => 'may change the design',
    'invite' => 'Ask',
    'invited' => 'A letter is on its way to :email.',
    'asked' => 'asked, no answer yet',
    'helps_already' => 'They are already one of your helpers.',
    'let_test' => 'Let them test :clues early',
    'test_no_more' => 'Stop early testing',
    'only_look' => 'View only',
    'let_edit' => 'Can change the design',
    'remove_helper' => 'Take :name off',
    'helper_gone' => 'They are no longer a helper.',
    'help_title' => 'Help with :quilt',
    'help_yes' => 'Yes, I help',
    'helping' => 'You help with this quilt-along now.',
];
