<?php

declare(strict_types=1);

return [
    'board' => ':name as it lies on the ironing board, with a flag on every seam towards the side that it is pressed to',
    'unit' => 'Drawing of :name in :fabrics. The dashed line is the raw edge.',
    'part' => 'Drawing of :name in :fabrics.',
    'piece' => 'Drawing of a :shape in :fabrics, with its lines to sew and to cut.',
    'quilt' => 'The whole quilt at size :size.',
    'key' => 'Solid lines are cut, dashed lines are sewn.',
];
