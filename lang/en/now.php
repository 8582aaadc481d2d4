<?php

declare(strict_types=1);

return [
    'next' => 'Do next',
    'prepare' => 'Before you begin',
    'begin' => 'Begin :clue :number',
    'go_on' => 'Go on with :clue :number',
    'look_again' => 'Open :clue :number',
    'all_done' => 'All open :clues are done.',
    'nothing_open' => 'Nothing is open yet. Wash, press and label your fabrics; the first :clue begins with cutting.',
    'opens_in' => ':Clue :number opens in',
    'opens_about' => ':Clue :number opens',
    'opens_at' => 'Opens :when',
    'no_next' => 'The next :clue has no date yet.',
    'open_now' => 'It is open. Reload the page.',
    'days' => 'days',
    'hours' => 'hours',
    'minutes' => 'minutes',
    'seconds' => 'seconds',
    'progress' => ':done of :total units trimmed',
];
