<?php

declare(strict_types=1);

return [
    'full' => 'ddd D MMM YYYY, HH:mm',
    'short' => 'D MMM, HH:mm',
    'day' => 'ddd D MMM',
    'place' => ':city time',
];
