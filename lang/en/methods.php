<?php

declare(strict_types=1);

return [
    'title' => 'How you make them',
    'change' => 'Make them this way',
    'chosen' => 'Your way',
    'changed' => 'The cutting list and steps now follow your way of making. Units you have counted stay counted.',
    'unknown' => 'Choose one of the ways shown.',
    'no_spares' => 'none over',
    'spares' => ':count over|:count over',
    'no_bias' => 'no bias edge outside',
    'bias' => ':count bias edge outside|all :count edges on the bias: starch, handle little',
    'oversize' => [
        'name' => 'Cut larger and trim',
        'hint' => 'An eighth of an inch more for every unit across: forgiving, and every unit is trimmed to size. Without it you cut '
            .'exactly and sew a true scant seam.',
        'short' => 'cut larger',
    ],
    'waste' => ':count of them left over',
    'stock' => 'cloth at least :width wide',
    'cloth' => ':count square inches of cloth',
    'hst:two' => [
        'name' => 'Two at a time',
        'hint' => 'Pairs of squares, sewn either side of one diagonal.',
        'batches' => ':count pair of squares|:count pairs of squares',
    ],
    'hst:eight' => [
        'name' => 'Eight at a time',
        'hint' => 'Large pairs of squares, sewn either side of both diagonals. Fast; leaves some over.',
        'batches' => ':count pair of squares|:count pairs of squares',
    ],
    'hst:four' => [
        'name' => 'Four at a time',
        'hint' => 'Pairs of squares sewn all round, cut on both diagonals.',
        'batches' => ':count pair of squares|:count pairs of squares',
    ],
    'hst:triangles' => [
        'name' => 'Cut triangles',
        'hint' => 'Squares cut once, triangles sewn one by one. The seam is on the bias: do not pull.',
        'batches' => ':count pair of squares to cut|:count pairs of squares to cut',
    ],
    'four-patch:strips' => [
        'name' => 'Strip sets',
        'hint' => 'Two long strips sewn together, cut across into segments.',
        'batches' => ':count strip set|:count strip sets',
    ],
    'four-patch:squares' => [
        'name' => 'Single squares',
        'hint' => 'Four squares each. Slower, and good for scraps.',
        'batches' => ':count unit, square by square|:count units, square by square',
    ],
    'hourglass:squares' => [
        'name' => 'From squares',
        'hint' => 'Pairs of squares, sewn and cut twice.',
        'batches' => ':count pair of squares|:count pairs of squares',
    ],
    'hourglass:triangles' => [
        'name' => 'Cut triangles',
        'hint' => 'Squares cut twice, triangles sewn one by one. The seams are on the bias: do not pull.',
        'batches' => ':count square of the first fabric|:count squares of the first fabric',
    ],
    'hourglass:strip' => [
        'name' => 'Strips, long side on the edge',
        'hint' => 'Triangles cut from strips with a right-angled triangle ruler, the straight grain outside.',
        'batches' => ':count unit, triangle by triangle|:count units, triangle by triangle',
    ],
    'hourglass:strip-short' => [
        'name' => 'Strips, short side across',
        'hint' => 'Triangles cut from wider strips with a right-angled triangle ruler. The outside edges are on the bias.',
        'batches' => ':count unit, triangle by triangle|:count units, triangle by triangle',
    ],
    'half-and-quarters:strip' => [
        'name' => 'From strips',
        'hint' => 'Halves from wide strips and quarters from narrow ones, cut with a right-angled triangle ruler.',
        'batches' => ':count half triangle|:count half triangles',
    ],
    'half-and-quarters:triangles' => [
        'name' => 'Cut triangles',
        'hint' => 'One half and two quarters, so that every unit turns the same way.',
        'batches' => ':count square to cut for halves|:count squares to cut for halves',
    ],
    'geese:no-waste' => [
        'name' => 'Four at a time',
        'hint' => 'One large square and four small ones give four units; nothing is thrown away.',
        'batches' => ':count large square|:count large squares',
    ],
    'geese:flip' => [
        'name' => 'Sew and flip',
        'hint' => 'A rectangle and two squares, sewn on the line. Exact, and leaves small triangles over.',
        'batches' => ':count rectangle|:count rectangles',
    ],
    'geese:triangles' => [
        'name' => 'Cut triangles',
        'hint' => 'Triangles sewn one by one. The seams are on the bias: do not pull.',
        'batches' => ':count large square|:count large squares',
    ],
    'geese:strip' => [
        'name' => 'From strips',
        'hint' => 'Geese and skies from strips of one width, cut with a right-angled triangle ruler, tips blunted.',
        'batches' => ':count goose triangle|:count goose triangles',
    ],
    'corners:flip' => [
        'name' => 'Sew and flip',
        'hint' => 'A square laid on each corner, sewn on the line and folded back.',
        'batches' => ':count base piece|:count base pieces',
    ],
    'square-in-square:triangles' => [
        'name' => 'Cut triangles',
        'hint' => 'Four triangles round a square, trimmed to size.',
        'batches' => ':count centre square|:count centre squares',
    ],
    'square-in-square:flip' => [
        'name' => 'Sew and flip',
        'hint' => 'Four squares laid on the corners of a larger one. No bias edges to handle; more cloth.',
        'batches' => ':count base square|:count base squares',
    ],
    'rail:strips' => [
        'name' => 'Strip sets',
        'hint' => 'Long strips sewn together, cut across into squares.',
        'batches' => ':count strip set|:count strip sets',
    ],
    'rail:bars' => [
        'name' => 'Single bars',
        'hint' => 'Bars sewn one unit at a time, good for scraps.',
        'batches' => ':count unit, bar by bar|:count units, bar by bar',
    ],
    'nine-patch:strips' => [
        'name' => 'Strip sets',
        'hint' => 'Two kinds of set, cut across into segments.',
        'batches' => ':count strip set|:count strip sets',
    ],
    'nine-patch:squares' => [
        'name' => 'Single squares',
        'hint' => 'Nine squares each. Slower, and good for scraps.',
        'batches' => ':count unit, square by square|:count units, square by square',
    ],
    'plain:cut' => ['name' => 'Cut', 'hint' => '', 'batches' => ':count piece|:count pieces'],
    'hst:strip' => [
        'name' => 'Strips and a triangle ruler',
        'hint' => 'Pairs of strips cut with a triangle ruler; the tips come out blunt.',
        'batches' => ':count pair of triangles|:count pairs of triangles',
    ],
    'hst:grid' => [
        'name' => 'Printed paper grid',
        'hint' => 'Twelve at a time, sewn on the lines of a printed sheet. Exact; the paper has to be torn off.',
        'batches' => ':count grid|:count grids',
    ],
    'half-rectangle:triangles' => [
        'name' => 'Cut triangles',
        'hint' => 'Rectangles cut once corner to corner, left or right.',
        'batches' => ':count rectangle to cut|:count rectangles to cut',
    ],
    'kite:template' => [
        'name' => 'Template and triangles',
        'hint' => 'The kite round a template, its sides from rectangles.',
        'batches' => ':count kite|:count kites',
    ],
    'peak:template' => [
        'name' => 'Template and triangles',
        'hint' => 'The peak round a template, its sides from rectangles.',
        'batches' => ':count peak|:count peaks',
    ],
    'quarter-circle:templates' => [
        'name' => 'Templates',
        'hint' => 'Both pieces cut round templates. Exact.',
        'batches' => ':count inner piece|:count inner pieces',
    ],
    'quarter-circle:swap' => [
        'name' => 'Cut together and swapped',
        'hint' => 'Two squares cut along one curve, swapped, eased and trimmed. No template; more cloth.',
        'batches' => ':count pair of squares|:count pairs of squares',
    ],
    'strips:sets' => [
        'name' => 'Strip sets',
        'hint' => 'Long strips sewn together, cut across into segments.',
        'batches' => ':count strip set|:count strip sets',
    ],
    'strips:singles' => [
        'name' => 'Single pieces',
        'hint' => 'Piece by piece. Slower, and good for scraps.',
        'batches' => ':count unit, piece by piece|:count units, piece by piece',
    ],
    'uneven-nine-patch:sets' => [
        'name' => 'Strip sets',
        'hint' => 'Long strips sewn together, cut across into segments.',
        'batches' => ':count strip set|:count strip sets',
    ],
    'uneven-nine-patch:singles' => [
        'name' => 'Single pieces',
        'hint' => 'Piece by piece. Slower, and good for scraps.',
        'batches' => ':count unit, piece by piece|:count units, piece by piece',
    ],
    'sixteen-patch:sets' => [
        'name' => 'Strip sets',
        'hint' => 'Long strips sewn together, cut across into segments.',
        'batches' => ':count strip set|:count strip sets',
    ],
    'sixteen-patch:singles' => [
        'name' => 'Single pieces',
        'hint' => 'Piece by piece. Slower, and good for scraps.',
        'batches' => ':count unit, piece by piece|:count units, piece by piece',
    ],
    'pinwheel:two' => [
        'name' => 'Triangles two at a time',
        'hint' => 'Pairs of squares, sewn either side of one diagonal.',
        'batches' => ':count pair of squares|:count pairs of squares',
    ],
    'pinwheel:eight' => [
        'name' => 'Triangles eight at a time',
        'hint' => 'Large pairs of squares; fast, and two pinwheels from each pair.',
        'batches' => ':count pair of squares|:count pairs of squares',
    ],
    'pinwheel:triangles' => [
        'name' => 'Cut triangles',
        'hint' => 'Squares cut once, triangles sewn one by one.',
        'batches' => ':count pair of squares to cut|:count pairs of squares to cut',
    ],
    'turned-nine-patch:cut' => [
        'name' => 'Cut up and turned',
        'hint' => 'A nine-patch, cut into four and turned.',
        'batches' => ':count corner square set|:count corner square sets',
    ],
    'log-cabin:logs' => [
        'name' => 'Logs cut to length',
        'hint' => 'Every log cut first. Keeps the block true.',
        'batches' => ':count block|:count blocks',
    ],
    'log-cabin:strips' => [
        'name' => 'Logs trimmed as you go',
        'hint' => 'Logs cut a little long and trimmed after each seam.',
        'batches' => ':count block|:count blocks',
    ],
    'economy:triangles' => [
        'name' => 'Cut triangles',
        'hint' => 'Two rounds of triangles, trimmed after each.',
        'batches' => ':count centre square|:count centre squares',
    ],
    'striped-hst:sets' => [
        'name' => 'Squares from strip sets',
        'hint' => 'Squares of a strip set cut corner to corner; each gives two different triangles.',
        'batches' => ':count strip set|:count strip sets',
    ],
    'striped-hst:halves' => [
        'name' => 'The other halves',
        'hint' => 'The triangles that the squares of a strip set leave over, paired with plain ones.',
        'batches' => ':count square to cut for plain triangles|:count squares to cut for plain triangles',
    ],
    'strip-parallelogram:plain' => [
        'name' => 'Strip sets, ends level',
        'hint' => 'Strips sewn with their ends level, cut at 45°.',
        'batches' => ':count strip set|:count strip sets',
    ],
    'strip-parallelogram:staggered' => [
        'name' => 'Strip sets, staggered',
        'hint' => 'Strips set in one after another, which saves cloth at the slanted ends.',
        'batches' => ':count strip set|:count strip sets',
    ],
    'diamond-45:strip' => [
        'name' => 'From strips',
        'hint' => 'Strips cut at 45°.',
        'batches' => ':count diamond|:count diamonds',
    ],
    'parallelogram-45:strip' => [
        'name' => 'From strips',
        'hint' => 'Strips cut at 45°.',
        'batches' => ':count piece|:count pieces',
    ],
    'diamond-60:strip' => [
        'name' => 'From strips',
        'hint' => 'Strips cut at 60°.',
        'batches' => ':count diamond|:count diamonds',
    ],
    'triangle-60:blunt' => [
        'name' => 'Blunt tips',
        'hint' => 'Narrower strips; the ends meet exactly.',
        'batches' => ':count triangle|:count triangles',
    ],
    'triangle-60:pointed' => [
        'name' => 'Pointed tips',
        'hint' => 'Strips as high as the whole triangle; the tips overhang.',
        'batches' => ':count triangle|:count triangles',
    ],
    'half-triangle-60:blunt' => [
        'name' => 'Blunt tips',
        'hint' => 'Narrower strips; the ends meet exactly.',
        'batches' => ':count triangle|:count triangles',
    ],
    'half-triangle-60:pointed' => [
        'name' => 'Pointed tips',
        'hint' => 'Strips as high as the whole triangle; the tips overhang.',
        'batches' => ':count triangle|:count triangles',
    ],
    'triangle-row:blunt' => [
        'name' => 'Blunt tips',
        'hint' => 'Narrower strips; the ends meet exactly.',
        'batches' => ':count row|:count rows',
    ],
    'triangle-row:pointed' => [
        'name' => 'Pointed tips',
        'hint' => 'Strips as high as the whole triangle; the tips overhang.',
        'batches' => ':count row|:count rows',
    ],
    'eight-point-star:set-in' => [
        'name' => 'Diamonds, set-in corners',
        'hint' => 'Eight diamonds from strips, squares and triangles set in.',
        'batches' => ':count star|:count stars',
    ],
    'custom:pieces' => [
        'name' => 'As the pattern says',
        'hint' => 'The pieces of the pattern, by size or by template.',
        'batches' => ':count unit|:count units',
    ],
    'block:rows' => [
        'name' => 'In rows',
        'hint' => 'Parts sewn into rows, rows sewn together.',
        'batches' => ':count block|:count blocks',
    ],
    'setting-triangle:squares' => [
        'name' => 'From squares',
        'hint' => 'Squares cut corner to corner, the straight grain outside.',
        'batches' => ':count square|:count squares',
    ],
    'long-strips:diagonal' => [
        'name' => 'Diagonal joins',
        'hint' => 'Hard to see, and strong; each join costs the width of the strip.',
        'batches' => ':count strip|:count strips',
    ],
    'long-strips:straight' => [
        'name' => 'Straight joins',
        'hint' => 'Saves cloth; the joins show more.',
        'batches' => ':count strip|:count strips',
    ],
];
