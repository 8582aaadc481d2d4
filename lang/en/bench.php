<?php

declare(strict_types=1);

return [
    'title' => 'Bench',
    'intro' => 'Finished units wait here, one bag each, until a :clue calls for them.',
    'bag' => 'Bag from :clue :number',
    'empty' => 'No bags yet. Units that you count as trimmed appear here.',
    'progress' => ':done of :total',
];
