<?php

declare(strict_types=1);

return [
    'full' => 'EEE d MMM y, HH:mm',
    'short' => 'd MMM, HH:mm',
    'day' => 'EEE d MMM',
    'place' => ':city time',
    'no_time' => 'no time',
    'about_minutes' => '{1} about :count minute|[2,*] about :count minutes',
    'about_hours' => '{1} about an hour|[2,*] about :count hours',
    'short_minutes' => ':from–:to min',
    'short_hours' => ':from–:to h',
    'range_minutes' => ':from to :to minutes',
    'range_hours' => ':from to :to hours',
    'ago' => [
        'now' => 'less than an hour ago',
        'hours' => '{1} an hour ago|[2,*] :count hours ago',
        'days' => '{1} a day ago|[2,*] :count days ago',
    ],
];
