<?php

declare(strict_types=1);

return [
    'unit' => 'Drawing of :name in :fabrics. The dashed line is the raw edge.',
    'part' => 'Drawing of :name in :fabrics.',
    'piece' => 'Drawing of a :shape in :fabrics, with its lines to sew and to cut.',
    'quilt' => 'The whole quilt at size :size.',
    'key' => 'Solid lines are cut, dashed lines are sewn.',
];
