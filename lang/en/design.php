<?php

declare(strict_types=1);

return [
    'title' => 'Design',
    'secret' => 'Only you and your helpers see this picture.',
    'size' => 'Size',
    'blocks' => 'Blocks',
    'units' => 'Units',
    'count' => 'Count',
    'fabrics' => 'Fabrics',
    'finished' => 'Quilt',
    'block_size' => 'Block',
    'colourway' => 'Colourway',
    'made_in' => 'Counts for the whole quilt at this size',
];
