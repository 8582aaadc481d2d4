<?php

declare(strict_types=1);

return [
    'full' => 'EEE d MMM y, HH:mm',
    'short' => 'd MMM, HH:mm',
    'day' => 'EEE d MMM',
    'place' => ':city time',
    'ago' => [
        'now' => 'less than an hour ago',
        'hours' => '{1} an hour ago|[2,*] :count hours ago',
        'days' => '{1} a day ago|[2,*] :count days ago',
    ],
];
