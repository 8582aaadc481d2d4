<?php

declare(strict_types=1);

return [
    'tabs' => ['bags' => 'Bags', 'layout' => 'Layout', 'assembly' => 'Joining', 'borders' => 'Borders', 'back' => 'Back', 'binding' => 'Binding', 'quilted' => 'Quilted blocks', 'quilting' => 'Quilting',
        'left' => 'Left over'],
    'keep' => 'Keep it',
    'lines' => ['none' => 'no lines', 'seams' => 'beside every seam', 'echoes' => 'echoes within every piece', 'grid' => 'a grid', 'diagonal' => 'diagonals both ways'],
    'quilting' => [
        'says' => 'Lines: :lines, :distance apart.',
        'later' => 'The lines are drawn here once the layout is open.',
        'picture' => 'Your picture', 'picture_alt' => 'Your picture beside your notes on quilting', 'picture_choose' => 'A sketch or a '
            .'photograph',
        'picture_keep' => 'Keep the picture', 'picture_kept' => 'The picture is kept.', 'picture_remove' => 'Remove the picture',
        'picture_gone' => 'The picture is removed.',
    ],
    'batting' => [
        'needed' => 'Batting: :width by :height.',
        'upright' => 'From a roll :usable wide: one piece, :length of it.|From a roll :usable wide: :count widths side by side, :length '
            .'in all. Butt the edges, do '
            .'not overlap them, and join them with a wide zigzag.',
        'level' => 'From a roll :usable wide: one piece laid across, :length of it.|From a roll :usable wide: :count widths one above the '
            .'other, :length in all. '
            .'Butt the edges, do not overlap them, and join them with a wide zigzag.',
    ],
    'sleeve' => 'Hanging sleeve: one strip :width wide and :length long. Hem both ends by {½ in; 1.3 cm} turned twice, fold it along, sew it into '
        .'the binding at the top, '
        .'and sew its lower edge down by hand with a little slack for the rod.|Hanging sleeve: :count strips :width wide, joined to '
        .':length. Hem both ends by {½ in; 1.3 cm} '
        .'turned twice, fold it along, sew it into the binding at the top, and sew its lower edge down by hand with a little slack for '
        .'the rod.',
    'label' => 'Label: cut :size, turn {¼ in; 6 mm} under all round. Write who made it, for whom, when and where, and how it is washed.',
    'left' => [
        'heads' => ['Cloth', 'Size', 'It can still become'], 'none' => 'No cloth of yours is left over, or none is on your list.', 'to_cloth' => 'Your cloth',
        'back' => 'part of a pieced back', 'squares' => 'one square of :side|:count squares of :side', 'strips' => 'one strip of :side, '
            .'for binding or the next '
            .'quilt|:count strips of :side, for binding or the next quilt',
        'label' => 'a label', 'small-squares' => 'one square of :side|:count squares of :side', 'scrap' => 'scraps',
    ],
    'work_out' => 'Calculate',
    'saved' => 'Saved. Your numbers are below.',
    'result' => 'Your numbers',
    'two_sides' => 'Two sides',
    'top_bottom' => 'Top and bottom',
    'pieced_title' => 'A pieced border',
    'intro' => [
        'borders' => 'Measure your own top, not the pattern’s: raw edge to raw edge, near both edges and through the middle. A border '
            .'that is cut to the '
            .'pattern’s number instead makes the top ruffle.',
        'back' => 'The back and the batting extend beyond the top on every side. Measures are finished, without the seam allowance.',
        'quilting' => 'The quilting is yours: a place for your notes and a picture, and lines drawn on your quilt to look at before you '
            .'mark any.',
        'left' => 'What is left of your cloth once the open :clues are cut, what can become most first.',
        'quilted' => 'Blocks that are quilted one by one and then joined: what each layer measures when.',
        'binding' => 'How many strips go round your quilt, straight across the cloth or on the bias, and which of your cloth is enough.',
    ],
    'field' => [
        'widths' => 'Across: top, middle, bottom', 'heights' => 'Down: left, middle, right', 'diagonals' => 'Both diagonals',
        'borders' => 'Finished widths of the borders, from the inside out', 'corner' => 'The corners', 'unit' => 'Length of one unit of a '
            .'pieced border',
        'top' => 'The quilt top, width × height', 'beyond' => 'How far the back extends on every side', 'module' => 'Piece it on '
            .'modules of',
        'measured' => 'What your quilted blocks are trimmed to', 'batting' => 'Width of your batting', 'notes' => 'Your notes',
        'lines' => 'Lines to quilt along', 'distance' => 'Distance of the lines', 'width' => 'Width of a strip as it is cut', 'cloth' => 'A piece of cloth for the bias, width × height',
    ],
    'hint' => [
        'widths' => 'Separated by commas, such as {60, 60 1/4, 60; 152, 152.5, 152}.', 'heights' => 'The same way.', 'diagonals' => 'If you like: only they show '
            .'a top that leans.',
        'borders' => 'Separated by commas, such as {1, 3; 2.5, 7.5}. The borders of the clues that are open are filled in already. Leave it '
            .'empty to look at the top alone.', 'unit' => 'Leave empty for plain borders.',
        'top' => 'Such as {60 x 80; 150 x 200}.', 'beyond' => '{4 in; 10 cm} for most; more on a frame, where your quilter asks for it.',
        'module' => 'Leave empty for whole cloth. Otherwise the back is pieced from the cloth on your list.', 'width' => '{2 1/2 or 2 1/4; 6.5 or 6} '
            .'for most.',
        'measured' => 'Leave empty for the size in the pattern. Otherwise the smallest one, such as {10 x 10; 25 x 25}.',
        'batting' => 'As it comes off the roll. Leave empty to skip it.', 'notes' => 'Where you begin, which thread, what you mean '
            .'to draw.',
        'distance' => 'Such as {1/4 or 2; 0.6 or 5}.',
        'cloth' => 'Leave empty for a straight binding.',
    ],
    'corner' => ['pattern' => 'as in the pattern', 'straight' => 'sides first, then top and bottom', 'squares' => 'a square in every corner', 'mitred' => 'mitred'],
    'wrong' => [
        'too_small' => 'A top measures at least {6 in; 15.3 cm} each way. Check the number and its unit.',
        'too_large' => 'A top measures at most {200 in; 508 cm} each way. Check the number and its unit.',
        'too_far_apart' => 'Two measures of one direction differ by {5 in; 12.7 cm} or more: measure again, from raw edge to raw edge.',
        'not_this_top' => 'These diagonals belong to another top: with these sides they are more than {5 in; 12.7 cm} off.',
        'no_width' => 'A border, or a unit of one, needs a width above zero.',
        'too_wide' => 'This border is wider than half of the top.',
        'too_narrow' => 'The cloth is not wider than the strip.',
        'no_distance' => 'Lines are at least {1/8 in; 4 mm} apart, and no farther than the quilt is wide.',
        'no_lines' => 'Choose one of the kinds of lines.',
        'not_this_block' => 'That is more than {2 in; 5 cm} off the size in the pattern: measure one quilted block from edge to edge.',
        'none_quilted' => 'This quilt has no blocks that are quilted one by one.',
        'no_strip' => 'This piece of cloth is smaller than a strip.',
        'module_small' => 'This module is too small: the back would take more than 40 of them in a row.',
        'module_large' => 'This module is larger than the top.',
        'not_this_size' => 'That is more than {5 in; 12.7 cm} off the pattern’s number: is it this size, and is every row sewn on?',
        'two_numbers' => 'Enter one to five lengths separated by commas.',
        'diagonals' => 'Enter both diagonals separated by a comma, or none.',
    ],
    'warning' => [
        'widths_wavy' => 'The top and bottom edges are longer than the middle: they have stretched. Ease them to the average when the '
            .'border goes on.',
        'widths_full' => 'The middle is wider than the edges: look for seams that are too narrow in the middle rows.',
        'widths_tapers' => 'The top gets wider from one end to the other: look at the seams of the rows at the wider end.',
        'heights_wavy' => 'The left and right edges are longer than the middle: they have stretched. Ease them to the average when the '
            .'border goes on.',
        'heights_full' => 'The middle is longer than the edges: look for seams that are too narrow in the middle columns.',
        'heights_tapers' => 'One side is longer than the other: look at the seams between the rows, from that side inwards.',
        'leans' => 'The diagonals differ: the top leans by about :lean. Press it square, or trim it, before the border goes on.',
    ],
    'average' => 'The top measures :width by :height on average, raw edge to raw edge.',
    'pattern' => 'By the pattern it would be :width by :height.',
    'border' => 'Border :number, :finished finished',
    'cut' => 'Cut strips :cut wide: :strips of them across cloth :usable wide.',
    'sides' => 'Two sides, :length long',
    'ends' => 'Top and bottom, :length long',
    'ends_first' => ['straight' => 'Sew the sides on first, press, and then top and bottom.', 'squares' => 'Sew the sides on; sew a '
        .'square to both ends of '
        .'top and bottom, press, and sew those on.', 'mitred' => 'Centre each strip on its side, begin and stop one seam allowance from its ends, and sew the '
        .'corners on the slant. The '
        .'lengths reach just to the tips: cut {2 in; 5 cm} more and trim.'],
    'corners' => 'Four corner squares of :size',
    'after' => 'With it the top measures :width by :height.',
    'after_pattern' => 'With it the top measures :width by :height; by the pattern :pattern_width by :pattern_height.',
    'pieced' => 'A border of units :unit long: :down down each side and :across along top and bottom.',
    'coping' => 'Before it, sew on plain strips, which make the top as large as the units together:',
    'coping_strip' => [
        'left' => 'At the left: cut :cut wide, finishes :finished.', 'right' => 'At the right: cut :cut wide, finishes :finished.',
        'top' => 'At the top: cut :cut wide, finishes :finished.', 'bottom' => 'At the bottom: cut :cut wide, finishes :finished.',
    ],
    'no_coping' => 'The units fit as they are.',
    'back' => [
        'rest' => 'what your open clues leave of it',
        'pieced_title' => 'Pieced from your cloth',
        'drawing' => 'The parts of the back, numbered as in the list',
        'whole' => 'Whole cloth :usable wide: :text',
        'wide' => 'Wide cloth, :usable usable: :text',
        'needed' => 'The back must measure at least :width by :height.',
        'upright' => 'one width, :length of it|:count widths with upright seams, :length of cloth',
        'level' => 'one width laid across, :length of it|:count widths with level seams, :length of cloth',
        'grid' => 'Modules of :module, :columns across and :rows down: the middle measures :width by :height.',
        'part' => ':wide by :high modules (cut :width by :height) from :from',
        'joined' => 'one module (cut :width by :height) joined from :from',
        'missing' => 'One module is missing: cut it from other cloth.|:count modules are missing: cut them from other cloth.',
        'complete' => 'Your cloth gives all of it.',
        'no_frame' => 'That is enough without a frame.',
        'frame' => 'Sew the middle first and measure it. Then cut a frame round it: :sides at the left and right, :ends at top and bottom.',
        'frame_none' => 'nothing',
    ],
    'binding' => [
        'wanted' => 'The distance around is :around; with {10 in; 25.4 cm} for corners and the last join, :wanted.',
        'straight' => 'Straight: 1 strip :width wide across cloth :usable wide, :length of cloth.|Straight: :count strips :width wide '
            .'across cloth :usable wide, '
            .':length of cloth.',
        'bias' => 'On the bias from :cloth: :strips strips, :length in all.',
        'enough' => 'That is enough: you need only the first :strips strips.',
        'short' => 'That is :short too short.',
        'fits' => ':cloth is enough for a straight binding.',
    ],
    'quilted' => [
        'block' => ':count × :name', 'by' => ':width × :height', 'layer' => 'Layer',
        'layers' => ['front' => 'Front', 'batting' => 'Batting', 'back' => 'Back'],
        'moments' => ['Pieced or cut', 'Trimmed after quilting', 'Showing once joined'],
        'counted' => 'Cut :count batting :batting and :count back :back.|Cut :count battings :batting and :count backs :back.',
        'how' => [
            'back-to-front' => 'Trim front and batting level, and the back :allowance larger all round. Sew two blocks front to front '
                .'along the edge of the '
                .'batting; press the backs open, fold their raw edges to the seam, fold again over it and sew down. The strip shows the '
                .'cloth of the back, '
                .':allowance wide, and covers :half of each block. For a coloured strip, choose the back for it.',
            'front-to-back' => 'Trim batting and back level, and leave the front :allowance larger all round. Sew two blocks back to back '
                .'along the edge of '
                .'the batting and fold the fronts over behind. No strip shows on the front.',
            'cover-strip' => 'Sew two blocks front to front with a seam of :allowance, through front and back; the batting ends at the '
                .'seam. Press it open '
                .'behind and sew a strip over it by hand. The strip shows behind only.',
            'sewn-through' => 'Trim all layers level and sew two blocks together with a seam of :allowance, through everything; press it '
                .'open and sew it '
                .'down flat.',
        ],
        'of_length' => ':count of :length',
        'edge_kept' => 'Along the outside of the quilt the allowance of :allowance is kept, and the binding goes over it.',
        'edge_trimmed' => 'Along the outside of the quilt, trim everything level with the batting before the binding goes on.',
        'joins' => 'Joins: :short between the blocks of rows, then :long of :long_length between rows.',
        'strips' => 'Cover strips: 1 strip :cut wide across cloth :usable wide.|Cover strips: :count strips :cut wide across cloth '
            .':usable wide.',
        'later' => 'The size of the quilt is shown here once the layout is open.',
        'rules' => [
            'Quilting draws a block in. Trim every block to the smallest one, and write above what they measure then: all numbers follow.',
            'Let the outermost pieces of a block be wider by what the join takes, or it takes it from the design.',
            'End the quilting as far from the edge as points have to stay.',
            'Join the blocks of each row first, then the rows, beginning in the middle, so that no seam carries the whole weight.',
        ],
    ],
    'join' => [
        'title' => ':size: :count blocks, quilted one by one',
        'none' => 'This design joins no quilted blocks.',
        'front' => 'Front: pieced :front; its batting :batting; its back :back.',
        'strip' => 'The strip between blocks shows :strip wide; at the quilt’s edge :outer.',
        'plain' => 'No strip shows between blocks.',
        'clear' => 'Points stay :clear from the trimmed edge of the front.',
        'shows' => 'Joined, a block shows :width by :height.',
        'quilt' => 'The quilt then measures :width by :height; the finished blocks alone would add up to :blocks_width by :blocks_height.',
        'strips' => 'Cover strips: :rows between the blocks of rows, :long of :long_length between rows, cut :cut wide.',
        'order' => 'Join the blocks of each row, then the rows to one another, from the middle outwards.',
    ],
];
