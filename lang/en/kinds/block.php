<?php

declare(strict_types=1);

return [
    'methods' => [
        'rows' => [
            'name' => 'In rows',
            'hint' => 'Parts sewn into rows, rows sewn together.',
            'batches' => ':count block|:count blocks',
        ],
    ],
    'steps' => [
        'trimmed' => 'Trim the block to :width by :unfinished: :side off the left and the right, :end off top and bottom. It was '
            .'sewn larger on purpose.',
        'lay_out' => 'Lay the parts out as drawn, :columns across and :rows down, before you sew.',
        'rows' => 'Sew the parts of each row together with a :seam seam.',
        'sections' => 'Sew sections first, where a part is as long as two beside it, with a :seam seam; then join the sections.',
        'section' => [
            'first' => 'Sew the smallest parts into sections first, wherever they meet along whole edges, with a :seam seam.',
            'more' => 'Join these sections to one another and to the parts that are as long as they are, with a :seam seam.',
            'join' => 'Nest the seams, pin the crossings and join the sections into the whole block with a :seam seam.',
        ],
        'edge' => 'After one seam a part at the edge reads :edge across; one with a seam on both sides reads :inner.',
        'press' => 'Press the rows in turn to the left and to the right, so that seams nest.',
        'press_sections' => 'Press each seam before another one crosses it, and seams that will meet in opposite directions.',
        'join' => 'Nest the seams, pin the crossings and sew the rows together with a :seam seam.',
        'press_joined' => 'Press the long seams one way; where this block will meet its like, turn one of the two round.',
        'sixty' => [
            'one' => 'There is nothing to join: the block is this one part.',
            'lay_out' => 'Lay the parts out in :rows rows as drawn, before you sew. Their slanted edges lie on the bias: starch, '
                .'and handle them little.',
            'rows' => 'Sew the parts of each row together with a :seam seam, the points of two neighbours a seam allowance apart '
                .'at the raw edge.',
            'sections' => 'Sew smaller triangles and diamonds into larger ones first, with a :seam seam, as far as straight '
                .'seams go; then join those.',
            'press' => 'Press seams open or all one way, and before another one crosses them. Trim the tips that stand out.',
            'row' => 'Measure a row from raw edge to raw edge: :unfinished high.',
            'join' => 'Pin where points meet and sew the rows together with a :seam seam.',
        ],
        'one_row' => [
            'lay_out' => 'Lay the :columns parts out side by side as drawn, before you sew.',
            'sew' => 'Sew the parts together from left to right with a :seam seam.',
            'press' => 'Press all seams one way.',
        ],
        'one_column' => [
            'lay_out' => 'Lay the :rows parts out below each other as drawn, before you sew.',
            'sew' => 'Sew the parts together from top to bottom with a :seam seam.',
        ],
        'check_before_trimming' => 'Measure the block before you trim it: :width by :unfinished.',
        'check_before_trimming_otherwise' => 'Measure the block before you trim it: :width by :unfinished. That is what parts '
            .'trimmed to the marks of your ruler give; the pattern has :pattern_width by '
            .':pattern. There is enough to trim either way.',
        'middle' => 'Measure the middle before its frame goes on: :width by :unfinished.',
        'check' => 'Measure: :width by :unfinished. Do not trim a block to the size you want: the cut would come off its outermost pieces.',
        'check_otherwise' => 'Measure: :width by :unfinished. That is what parts trimmed to the marks of your ruler give, and '
            .'not the :pattern_width by :pattern of the pattern. Do not stretch or trim the block to that: every '
            .'block comes out like this one.',
    ],
];
