<?php

declare(strict_types=1);

return [
    'title' => 'Join a quilt-along',
    'code' => 'Join code',
    'code_hint' => 'Eight letters and digits from your host. Spaces and small letters do not matter.',
    'find' => 'Find it',
    'unknown_code' => 'No quilt-along has this code. Check it with your host; it may have been replaced.',
    'heading' => 'Join :quilt',
    'by' => 'with :host',
    'clues' => ':count :clue|:count :clues',
    'sizes' => 'Sizes',
    'size' => 'Which size will you make?',
    'choose_size' => 'Choose a size.',
    'size_later' => 'Decide later',
    'unknown_size' => 'There is no such size. Choose one of those shown.',
    'colourway' => 'Which colours?',
    'unknown_colourway' => 'There is no such colourway. Choose one of those shown.',
    'unknown' => 'Choose one of those shown.',
    'join' => 'Join',
    'joined' => 'Welcome to :quilt.',
    'sign_in_first' => 'To join, sign in or make an account. You come straight back here.',
    'already_in' => 'You have already joined. Tick the box if you want to make a second quilt.',
    'already_title' => 'You have already joined',
    'open_mine' => 'Open :name',
    'second' => 'Make a second quilt in this quilt-along',
    'second_start' => 'Begin a second quilt',
    'name' => 'What do you call this quilt?',
    'name_hint' => 'For your eyes: “mine”, “for Nan”.',
    'first_name' => 'My :quilt',
    'second_name' => 'My second :quilt',
];
