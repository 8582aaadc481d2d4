<?php

declare(strict_types=1);

return [
    'title' => 'Remarks of testers',
    'none' => 'No remark yet.',
    'leave' => 'Leave a remark',
    'place' => 'On which step or number',
    'whole' => 'the whole :clue',
    'words' => 'What you found',
    'send' => 'Leave it',
    'left' => 'Your remark stays on the proof page until it is answered.',
    'line' => ':who, :when, at the size :size',
    'on' => 'On “:place”',
    'answer' => 'Your answer',
    'send_answer' => 'Answer',
    'answered' => 'Answered.',
    'answer_was' => 'Answer: :answer',
    'words_needed' => 'Write what you found, in at most 2,000 characters.',
    'place_needed' => 'Choose a step or a number.',
    'answer_needed' => 'Write your answer, in at most 2,000 characters.',
    'open' => 'One remark of a tester waits for an answer|:count remarks of testers wait for an answer',
    'unfinished' => ':task measures :size unfinished',
    'counted' => ':task, how many',
    'cut' => 'Cut: :what',
    'sewn' => 'Sewn by testers',
    'not_sewn' => 'not yet',
    'sewn_by' => 'came out right, by :who',
    'i_sewed' => 'I have sewn it; it came out right',
    'sewn_of' => 'I have sewn :task; it came out right',
    'sewn_not' => 'Take that back',
    'sewn_not_of' => 'Undo that I have sewn :task',
];
