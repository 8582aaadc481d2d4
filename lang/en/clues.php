<?php

declare(strict_types=1);

return [
    'title' => ':Clues',
    'clue' => ':Clue :number',
    'scheduled' => ':Clue :number is scheduled.',
    'released' => ':Clue :number is open.',
    'withdrawn' => ':Clue :number is withdrawn. Members no longer see it; what they counted is kept. Schedule or release it to bring it '
        .'back.',
    'moved_forward' => 'The clocks skip :asked that day, so it opens at :opens.',
    'date' => 'Date',
    'time' => 'Hour',
    'zone' => 'Time zone',
    'save' => 'Save release time',
    'release_now' => 'Release now',
    'withdraw' => 'Withdraw',
    'preview' => 'See it as a member',
    'preview_at' => 'As a member making the :size sees it',
    'opens' => 'Opens',
    'opened' => 'Opened',
    'text_only' => 'Words only, nothing to count',
    'minutes' => 'about :count minutes|about :count minutes',
    'state' => ['draft' => 'No date', 'scheduled' => 'Scheduled', 'released' => 'Open', 'withdrawn' => 'Withdrawn'],
    'begun' => ':begun of :all begun, :finished finished',
    'next_title' => 'Next',
    'nothing_next' => 'Every :clue is open.',
    'hidden' => 'Members see the number and the date. Title, units and numbers stay hidden until then.',
    'preview_title' => ':Clue :number, as a member sees it',
    'change_time' => 'Change the release time',
    'set_time' => 'Set a release time',
    'errors' => [
        'date' => 'Enter a day in the calendar.',
        'time' => 'Enter an hour such as 09:00.',
        'zone' => 'Choose a time zone from the list, such as Europe/Dublin.',
        'past' => 'That hour has passed; there it is :now now. Choose a later one, or press Release now.',
        'already_released' => 'This :clue is open already. Withdraw it first if it must open again later.',
    ],
];
