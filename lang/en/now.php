<?php

declare(strict_types=1);

return [
    'shared' => 'One quilt, sewn by many',
    'my_parts' => '{0} You have no part at the moment|{1} One part is yours|[2,*] :count parts are yours',
    'to_parts' => 'To your parts',
    'take_part' => 'Take a part',
    'free_parts' => '{1} One part is free to take.|[2,*] :count parts are free to take.',
    'shared_clue' => 'How the parts are made',
    'look_at' => 'Look at :clue :number',
    'next' => 'Do next',
    'prepare' => 'Before you begin',
    'begin' => 'Begin :clue :number',
    'go_on' => 'Continue :clue :number',
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
