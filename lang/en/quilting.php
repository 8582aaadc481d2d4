<?php

declare(strict_types=1);

return [
    'title' => 'Sizes for quilting this block by itself',
    'front' => 'Trim the front to :width by :height.',
    'batting' => 'Cut its batting :width by :height.',
    'back' => 'Cut its back :width by :height.',
    'trimmed' => 'Once it is quilted, trim it to :width by :height.',
    'shows' => 'Joined, it shows :width by :height.',
    'strip' => 'The strip over the join shows :width wide.',
    'outer' => 'Along the outside of the quilt it shows :width wide.',
    'clear' => 'Keep points and quilting :width from the trimmed edge.',
];
