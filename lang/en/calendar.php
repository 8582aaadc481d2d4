<?php

declare(strict_types=1);

return [
    'title' => 'Dates by rule',
    'lead' => 'Set the dates of all :clues that are not open yet, move them together, or pull them forward so that the last opens by a '
        .'day. '
        .'Look at them in the calendar first; nothing changes before you set them.',
    'file' => 'Quilt-along',
    'clue' => ':Clue :number',
    'moved_forward' => '(:asked does not exist that day: the clocks go forward)',
    'no_number' => 'Enter how many dates, from 1 to :most.',
    'what' => 'What to do',
    'whats' => [
        'rule' => 'Set dates by a rule',
        'list' => 'Set dates of my own',
        'shift' => 'Shift all from one on',
        'pull' => 'Pull forward',
    ],
    'from' => 'From :clue',
    'first' => 'First date',
    'time' => 'Time',
    'zone' => 'Time zone',
    'every' => 'Every',
    'pace' => 'How often',
    'paces' => [
        'days' => 'days', 'weeks' => 'weeks', 'months' => 'months, on the same day', 'weekday' => 'months, on the same weekday',
        'last-weekday' => 'months, on the last such weekday',
    ],
    'skipped' => 'Weeks to skip, by a day in each',
    'last' => 'No date after',
    'dates' => 'Dates, with commas between them',
    'days' => 'By how many days',
    'by' => 'The last opens by',
    'look' => 'Look at them',
    'set' => 'Set these dates',
    'calendar' => 'Calendar',
    'now' => 'now',
    'then' => 'then',
    'nothing' => 'Every :clue is open already: there is no date to set.',
    'done' => 'One date is set.|:count dates are set.',
    'rough' => ':Clue :number opens “:about”: it keeps its rough date until you set another one for it.',
    'same' => 'These are the dates that are set already.',
    'past' => ':Clue :number would open on :date, which has passed. The next day that keeps the interval is :next.',
    'order' => ':Clue :number would open on :date, before :clue :before. Choose dates in order.',
    'not_set' => 'Set a date for every :clue before you move them together; :clue :number has none.',
    'download' => 'Download the calendar',
    'errors' => [
        'rule' => 'That is not a rule. Write it like "weekly from 2027-01-09", "every 2 weeks from 2027-01-09 skip 2027-02-10" or "first '
            .'saturday '
            .'from 2027-01-01".',
        'first' => 'Enter the first date as a calendar date, such as 2027-01-09.',
        'every' => 'Enter how many days, weeks or months are in between, from 1 to 60.',
        'skipped' => 'Enter the weeks to skip as calendar dates, such as 2027-02-10, with commas between them.',
        'last' => 'Enter the last date as a calendar date, such as 2027-06-01.',
        'dates' => 'Enter dates such as 2027-01-09, 2027-01-16, separated by commas.',
        'days' => 'Enter by how many days, such as 7 or -3.',
        'few_last' => 'Only one date fits before that day. Choose a later one, or a shorter interval.|Only :count dates fit before that '
            .'day. '
            .'Choose a later one, or a shorter interval.',
        'few_dates' => 'That is one date; give one for every :clue.|Those are :count dates; give one for every :clue.',
    ],
];
