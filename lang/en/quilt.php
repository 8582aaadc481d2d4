<?php

declare(strict_types=1);

return [
    'left' => '“:name” is out of the quilt-along.',
    'is_back' => '“:name” is back, with all that you counted.',
    'leave' => [
        'title' => 'Leave this quilt',
        'hint' => 'If you began it by mistake, or no longer want to make it.',
        'ask' => 'Leave this quilt',
        'says' => 'What you counted, your list of cloth and your photographs in “:name” are kept for a day, in which you can bring it back from your '
            .'home page. Then they are deleted.',
        'parts' => 'Parts that you were to sew are free for others at once.',
        'do' => 'Leave “:name”',
    ],
    'title' => 'This quilt',
    'name' => 'Name',
    'size' => 'Size',
    'colourway' => 'Colours',
    'notation' => 'Show lengths as',
    'usable_width' => 'Usable width of your cloth',
    'usable_width_hint' => 'Once the selvedges are off: {40 in, 41 1/2, 106 cm; 106 cm or 1.06 m}. Leave it empty for :usual.',
    'width_bounds' => 'Enter a width between :least and :most.',
    'any_size' => 'the same at every size',
    'choose_size' => 'Choose your size',
    'choose_size_why' => 'What this :clue asks you to cut and sew is not the same at every size. You can change the size later under “This '
        .'quilt”.',
    'choose_this_size' => 'Make this size',
    'clue_waits' => ':Clue :number is waiting for your size',
    'no_size_yet' => 'You have not chosen a size yet.',
    'later' => [
        'size' => [
            'clue' => ':Clue :number is the first that needs your size.',
            'end' => 'No :clue needs your size; you need it when the quilt is put together.',
        ],
        'fabric' => [
            'clue' => 'You may choose this fabric later: :clue :number is the first that cuts from it.',
            'end' => 'You may choose this fabric later: no :clue cuts from it.',
        ],
    ],
    'feed' => [
        'title' => 'In your own calendar',
        'hint' => 'An address your calendar can subscribe to: it shows when each :clue opens, and the title of those that are open. '
            .'Whoever has it can read that too; make a new one, and the old one stops working.',
        'address' => 'Address of your calendar',
        'make' => 'Make an address',
        'renew' => 'Make a new address',
        'remove' => 'Remove it',
        'made' => 'Here is the address. Add it to your calendar as a subscription.',
        'gone' => 'The address is gone.',
    ],
    'save' => 'Save',
    'saved' => 'Saved. Every number now follows.',
    'size_note' => 'When the size changes, what you have counted stays as far as it fits; the rest is spare.',
];
