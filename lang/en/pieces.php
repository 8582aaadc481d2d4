<?php

declare(strict_types=1);

return [
    'one' => [
        'square' => 'square', 'rectangle' => 'rectangle', 'strip' => 'strip', 'segment' => 'segment',
        'set-square' => 'square of a strip set', 'triangle' => 'triangle',
        'sixty-triangle' => '60° triangle', 'diamond' => 'diamond', 'parallelogram' => 'parallelogram', 'template' => 'template piece',
        'part' => 'part made before',
    ],
    'many' => [
        'square' => 'square|squares',
        'rectangle' => 'rectangle|rectangles',
        'strip' => 'strip, the full width of the cloth|strips, the full width of the cloth',
        'segment' => 'segment from the strip set|segments from the strip sets',
        'set-square' => 'square from the strip set|squares from the strip sets',
        'triangle' => 'triangle|triangles',
        'sixty-triangle' => '60° triangle|60° triangles',
        'diamond' => 'diamond|diamonds',
        'parallelogram' => 'parallelogram|parallelograms',
        'template' => 'piece round the template|pieces round the template',
        'part' => 'half of a strip-set square, kept|halves of strip-set squares, kept',
    ],
    'labelled' => ':task, piece :label',
    'notches' => 'Mark the notch of the template.|Mark the :count notches of the template.',
    'spare' => 'The inner line is where the spare allowance is trimmed off later.',
    'face_up' => 'All faces up, or singly: the mirror image is another piece.',
    'mirrored' => 'Cut as the mirror image of its partner.',
];
