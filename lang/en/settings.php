<?php

declare(strict_types=1);

return [
    'title' => 'Settings',
    'save' => 'Save',
    'saved' => 'Saved.',
    'helpers' => 'Helpers',
    'no_helpers' => 'Nobody helps yet. Helpers see the design and where members stand.',
    'email' => 'Ask somebody by e-mail',
    'may_edit' => 'may change the design',
    'invite' => 'Ask',
    'invited' => 'A letter is on its way to :email.',
    'asked' => 'asked, no answer yet',
    'helps_already' => 'She is on your side already.',
    'let_test' => 'Let her test :clues early',
    'test_no_more' => 'She tests no more',
    'only_look' => 'Let her look only',
    'let_edit' => 'Let her change the design',
    'remove_helper' => 'Take :name off',
    'helper_gone' => 'She does not help any more.',
    'help_title' => 'Help with :quilt',
    'help_yes' => 'Yes, I help',
    'helping' => 'You help with this quilt-along now.',
];
