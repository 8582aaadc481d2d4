<?php

declare(strict_types=1);

return [
    'name' => 'Rectangle',
];
