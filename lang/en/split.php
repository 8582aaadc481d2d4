<?php

declare(strict_types=1);

return [
    'thing' => 'What',
    'takes' => 'The quilt takes',
    'made' => 'Made',
    'used' => 'Used',
    'made_in' => ':count in :clue :number',
    'used_in' => ':count in :clue :number',
    'used_at_end' => ':count in the top',
    'top' => 'the top',
    'problems' => [
        'early' => 'It comes before :thing, which is made in :clue :number.',
        'late' => ':thing is made in :clue :number, and :by needs it in :clue :needed already.',
        'short' => ':thing: :missing more are used than the clues make.',
        'unused' => ':thing is made in :clue :number, and nothing uses it.',
        'nothing' => ':thing is a task of :clue :number, and this size takes none of it.',
    ],
    'clue' => ':Clue',
    'makes' => 'Makes',
    'minutes_at' => 'Minutes, :size',
    'part' => ':name, part :part of :of',
    'for' => ':name for :block',
    'summary' => 'The heaviest :clue takes :heaviest minutes, sizes weighed by who makes them. That is at most :above % more '
        .'than the best split of these tasks.',
    'no_number' => 'Give the number of clues, such as --clues=8; from 1 to :most.',
    'no_kind' => 'The only kind is mystery.',
];
