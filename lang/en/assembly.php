<?php

declare(strict_types=1);

return [
    'title' => 'Joining the top',
    'intro' => 'Everything that is sewn now is large, and a row turned round costs an evening. Mark each part as it is done.',
    'how' => 'Step by step',
    'choose' => 'Join it this way',
    'chosen' => 'The stages below follow the way you chose. What you marked another way is kept.',
    'print' => 'Print labels for the rows',
    'pin' => 'Pin this to the left end.',
    'to_layout' => 'See the layout',
    'count' => ':done of :count sewn',
    'stage_count' => ':done of :count',
    'mark' => 'Sewn',
    'unmark' => 'Undo',
    'measure_first' => 'Measure your own top before you cut: raw edge to raw edge, through the middle and near both edges.',
    'to_borders' => 'Work out the lengths',
    'methods' => ['rows' => 'By rows', 'webbing' => 'By webbing', 'quarters' => 'By quarters'],
    'hints' => [
        'rows' => 'Blocks to rows, rows to the top. Few pieces are loose at once.',
        'webbing' => 'Column by column, the thread left uncut: nothing can be mixed up, and the long seams come last.',
        'quarters' => 'Four quarters by themselves: no seam is long until the end.',
        'diagonal' => 'The rows run slanted, from corner to corner, with the setting triangles at their ends.',
    ],
    'lines' => [
        'rows' => [
            'Lay all blocks out, and pin a number to the left end of each row.',
            'Stack each row from left to right, the left block on top.',
            'Sew the row, and press its seams as shown below.',
            'Measure the row before you go on.',
            'Join the rows from the top, nesting the seams; press each long seam as shown.',
            'Take the numbers off, but leave the one in the top left corner: it shows which way up the top is.',
        ],
        'webbing' => [
            'Lay all blocks out, and pin a number to the left end of each row.',
            'Sew the second column to the first, row after row, and leave the thread between the rows uncut.',
            'Sew each further column to that in the same way. The uncut threads hold the rows in their order.',
            'Press the seams of every second row the other way, as shown below.',
            'Sew the long seams, nesting at every thread. Clip a thread only where it holds a seam allowance fast.',
            'Take the numbers off, but leave the one in the top left corner.',
        ],
        'quarters' => [
            'Lay all blocks out, and pin a number to the top left block of each quarter.',
            'Sew each quarter in rows, pressing as the layout shows, and measure it.',
            'Join the two upper quarters, then the two lower ones.',
            'Join the halves.',
            'Take the numbers off, but leave the one in the top left corner.',
        ],
        'diagonal' => [
            'Lay all blocks and triangles out, and pin a number to the left end of each slanted row.',
            'Stack each row from left to right, its triangles at both ends.',
            'Sew the row. Let the triangles run past the block where they end; trim that only when the rows are joined.',
            'Join the rows from the top left corner, nesting the seams, and sew the corner triangles on last.',
            'The edges of side triangles are straight grain; a stretched one makes the top wave, so do not pull.',
            'Take the numbers off, but leave the one in the top left corner.',
        ],
    ],
    'stage' => [
        'rows' => 'Rows', 'join' => 'Rows to the top', 'columns' => 'Columns', 'cross' => 'Long seams', 'quarters' => 'Quarters',
        'halves' => 'Halves', 'whole' => 'The whole', 'border' => ':border',
    ],
    'part' => [
        'rows' => 'Row :number', 'join' => 'Join :joined', 'columns' => 'Column :number', 'cross' => 'Long seam :number',
        'quarters' => 'Quarter :number', 'halves' => 'Half :number', 'whole' => 'Join the halves', 'border' => 'Seams of step :number',
    ],
    'turned' => ['1' => '(turned a quarter to the right)', '2' => '(on its head)', '3' => '(turned a quarter to the left)'],
    'press_open' => 'Press the seams open.',
    'press_between' => 'Press the seams away from the blocks.',
    'press_out' => 'Press the seams to the border.',
    'press_in' => 'Press the seams away from the border.',
    'press_block' => 'Press the seams to the :block blocks.',
    'press_way' => 'Press :way.',
    'press_each' => 'Press the seams in their order :ways.',
    'press_seam' => ':number :way',
    'press_rows' => 'Press the seams within the rows: :rows.',
    'press_row' => 'row :number :ways',
    'press_between_rows' => 'Press the seams between the rows in their order :ways.',
    'clash' => '{1} At one place two seams lie the same way and do not nest: :seams. Press one of the two open there before you sew, or pin '
        .'on both sides of them.|[2,*] At :count places two seams lie the same way and do not nest: :seams. Press one of the two open at '
        .'each before you sew, or pin on both sides of them.',
    'clash_seams' => '{1} on seam :seams, :places from its :end|[2,*] on seams :seams, each :places from its :end',
    'ends' => ['top' => 'upper end', 'left' => 'left end', 'either' => 'left or upper end'],
    'press_turns' => 'Press some of the seams :ways, as the flags of the blocks beside them ask.',
    'measures' => 'It measures :width by :height then, raw edge to raw edge.',
    'measures_across' => 'It is :width wide then, raw edge to raw edge.',
    'wrong_size' => 'If a part measures otherwise',
    'remedies' => [
        'Press it once more, from the front, and measure again: a fold beside a seam takes a little of every block.',
        'A row that is too short or too long by less than a seam allowance: pin both ends and the middles, then every seam, and let the '
            .'feed '
            .'dogs ease the longer one in from below.',
        'More than that: find the block that is off, and take its seam a thread wider or narrower. Never trim the end of a row; it cuts '
            .'points off.',
        'When all rows are off alike, go on: the borders are cut to your own top.',
    ],
    'wrong' => [
        'asked' => 'Mark one of the parts below, or choose a way to join them.',
        'no_part' => 'There is no such part in this way of joining.',
        'sewn_already' => 'That part is marked as sewn already. Nothing was counted twice.',
        'not_sewn' => 'That part is not marked as sewn.',
    ],
];
