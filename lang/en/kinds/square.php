<?php

declare(strict_types=1);

return [
    'name' => 'Square',
    'methods' => [
        'cut' => [
            'name' => 'Cut',
            'hint' => '',
            'batches' => ':count piece|:count pieces',
        ],
        'larger' => [
            'name' => 'Cut larger, trim later',
            'hint' => '{¼ in; 0.6 cm} larger each way, trimmed once you know what its neighbours measure. It takes more cloth than was announced.',
            'batches' => ':count piece|:count pieces',
        ],
    ],
];
