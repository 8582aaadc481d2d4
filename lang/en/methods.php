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
];
