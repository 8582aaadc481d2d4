<?php

declare(strict_types=1);

return [
    'plain' => ['check' => 'Check one: :width by :height.'],
    'hst' => [
        'two' => [
            'mark' => 'Draw one diagonal on the back of each :light square.',
            'sew' => 'Sew :seam from the line, on both sides of it.',
            'cut' => 'Cut on the drawn line. Each pair gives 2 units.',
        ],
        'eight' => [
            'mark' => 'Draw both diagonals on the back of each :light square.',
            'sew' => 'Sew :seam from each line, on both sides of it: four seams.',
            'cut' => 'Do not move the square. Cut it in half across and down, then on both drawn lines. Each pair gives 8 units.',
        ],
        'four' => [
            'sew' => 'Sew all round, :seam from the edge.',
            'cut' => 'Cut on both diagonals. Each pair gives 4 units, with every edge on the bias.',
        ],
        'triangles' => [
            'cut' => 'Cut each square once, corner to corner.',
            'layer' => 'Lay a :light triangle on a :dark one, right sides together, the long edges level.',
            'sew' => 'Sew the long edge with a :seam seam, starting at a blunted tip or on a scrap leader.',
        ],
        'layer' => 'Lay it on a :dark square, right sides together, edges level.',
        'press' => 'Press the seam to :dark, lifting the iron.',
        'press_same' => 'Press the seam to :dark, lifting the iron.',
        'trim' => 'Trim to :unfinished square, the diagonal of the ruler on the seam.',
    ],
    'hourglass' => [
        'squares' => [
            'mark' => 'Draw one diagonal on the back of each :first square. Lay it on its partner, right sides together.',
            'sew' => 'Sew :seam from the line, on both sides of it, and cut on the line.',
            'press' => 'Press every seam the same way, to :dark where it takes part.',
            'layer' => 'Draw the other diagonal on half of these triangle squares. Lay each on a plain partner, seams nested, the fabrics that shall be neighbours face to face.',
            'sew_again' => 'Sew :seam from the line, on both sides of it, and cut on the line.',
        ],
        'triangles' => [
            'cut' => 'Cut each square twice, corner to corner: 4 triangles with the straight grain on their long edge.',
            'layer' => 'Lay the four triangles of one unit out as drawn, then turn each second one onto its neighbour.',
            'sew' => 'Sew two pairs with a :seam seam along a short edge, press, nest the seams and join the pairs.',
        ],
        'spin' => 'Press the last seam to one side, or spin it open at the crossing.',
        'trim' => 'Trim to :unfinished square, both diagonals of the ruler on the seams.',
    ],
    'half_and_quarters' => [
        'cut' => 'Cut the :half squares once corner to corner, the :top and :left squares twice.',
        'layer' => 'Lay a :top and a :left triangle out as drawn, before you sew: the other way round is another unit.',
        'sew' => 'Sew them along the short edge with a :seam seam, then sew the pair to a :half triangle.',
        'press' => 'Press the last seam to :half.',
        'trim' => 'Trim to :unfinished square, the diagonal of the ruler on the long seam.',
    ],
    'geese' => [
        'no_waste' => [
            'mark' => 'Draw one diagonal on the back of each :sky square.',
            'layer' => 'Lay two :sky squares in opposite corners of a :goose square, right sides together. They overlap in the middle; their lines meet.',
            'sew' => 'Sew :seam from the line, on both sides of it.',
            'cut' => 'Cut on the line and press to :sky. Lay one more :sky square in the empty corner of each half, its line towards the middle.',
            'sew_again' => 'Sew :seam from the line, on both sides of it, and cut on the line: 4 units.',
        ],
        'flip' => [
            'mark' => 'Draw one diagonal on the back of each :sky square.',
            'sew' => 'Lay one on an end of a :goose rectangle, right sides together, and sew on the line, or a thread outside it.',
            'check' => 'Fold the flap over: it reaches the corner of the rectangle exactly.',
            'cut' => 'Trim :seam beyond the seam, press, and do the other end the same way. The two seams cross.',
        ],
        'triangles' => [
            'cut' => 'Cut the :goose squares twice corner to corner, the :sky squares once.',
            'sew' => 'Sew a :sky triangle to each short side of a :goose triangle with a :seam seam, starting at the wide corner.',
        ],
        'press' => 'Press to :sky.',
        'trim' => 'Trim to :width by :unfinished, with :seam beyond the point of the goose.',
    ],
    'corners' => [
        'mark' => 'Draw one diagonal on the back of each :corner square.',
        'sew' => 'Lay a square into each marked corner of the :base piece, right sides together, and sew on the line, or a thread outside it.',
        'check' => 'Fold the flap over: it reaches the corner exactly. Only then trim.',
        'cut' => 'Trim :seam beyond the seam.',
        'press' => 'Press the corner outwards.',
        'measure' => 'Check: still :width by :height.',
    ],
    'square_in_square' => [
        'triangles' => [
            'cut' => 'Cut the :corner squares once, corner to corner.',
            'sew' => 'Sew a :corner triangle to two opposite sides of the :centre square, its long edge to the side, middles matched, with a :seam seam.',
            'sew_again' => 'Sew the other two triangles on the same way.',
        ],
        'flip' => ['sew' => 'Lay squares on two opposite corners of the :centre square and sew on the lines, or a thread outside them. Trim and press, then do the other two.'],
        'press' => 'Press to :corner.',
        'trim' => 'Trim to :unfinished square, with :seam beyond each point.',
    ],
    'rail' => [
        'strips' => [
            'sew' => 'Sew the strips together along their length in the order drawn, with a :seam seam, turning the set round for every second seam.',
            'press' => 'Press all seams the same way, along the strip and not across it.',
        ],
        'bars' => ['sew' => 'Sew the bars together in the order drawn, with a :seam seam.'],
    ],
    'nine_patch' => [
        'strips' => [
            'sew' => 'Sew sets of :first, :second, :first, and sets of :second, :first, :second, with a :seam seam.',
            'press' => 'Press all seams to :dark, along the strip and not across it.',
        ],
        'squares' => ['sew' => 'Sew rows of three with a :seam seam: :first, :second, :first twice, and :second, :first, :second once. Press to the darker fabric.'],
        'join' => 'Lay the rows out with :first in all four corners. Nest the seams and sew the rows together.',
    ],
    'four_patch' => [
        'strips' => [
            'sew' => 'Sew a :first strip to a :second strip along their length, with a :seam seam.',
            'press' => 'Press the seam to :dark, along the strip and not across it.',
            'check' => 'Measure the sewn set: :sewn wide all the way along.',
            'cut' => 'Square one end, then cut segments :segment wide. A full set gives :segments.',
        ],
        'squares' => [
            'sew' => 'Sew :first squares to :second squares in pairs, with a :seam seam.',
            'press' => 'Press the seams to :dark.',
        ],
        'join' => 'Turn every second pair, so that :first meets its neighbour only at the crossing. Nest the seams and sew.',
        'spin' => 'Press the last seam to one side, or spin it open at the crossing.',
        'trim' => 'Check: :unfinished square. Trim what is larger, evenly from all sides.',
    ],
];
