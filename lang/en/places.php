<?php

declare(strict_types=1);

return [
    'top-left' => 'top left',
    'top-right' => 'top right',
    'bottom-right' => 'bottom right',
    'bottom-left' => 'bottom left',
];
