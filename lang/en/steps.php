<?php

declare(strict_types=1);

return [
    'before_trimming' => 'Before it is trimmed it measures about :before.',
    'pressing' => [
        'open' => 'Press the seam open.|Press the seams open.',
        'slot' => 'Press the seam to :fabric, lifting the iron.|Press the seams to :fabric, lifting the iron.',
        'way' => 'Press the seam :way, as the flag shows.|Press the seams :way, as the flags show.',
        'rows' => 'Press as the flags show: :rows.',
        'row' => 'row :row :way',
        'outwards' => 'Press the seam away from the middle, to the piece just sewn on.|Press every seam away from the middle, to the piece just sewn '
            .'on, before you sew on the next.',
        'round' => 'Press the seam.|Press all of these seams the same way round, as the flags show. Undo the few stitches of the last seam that lie '
            .'within the allowance, so that the middle spins flat.',
        'flags' => 'Press the seam to the side of its flag in the drawing.|Press each seam to the side of its flag in the drawing.',
        'sets' => 'Of segments that are cut from the same strip set, :one are pressed one way and :other the other way.',
        'clash' => '{1} One of the places ringed in the drawing is on these seams: two seams lie the same way there and do not nest. Press one '
            .'of the two open there before you sew, or pin on both sides of them.|[2,*] :count of the places ringed in the drawing are on '
            .'these seams: two seams lie the same way there and do not nest. Press one of the two open at each before you sew, or pin on both '
            .'sides of them.',
        'others' => ':others of the :count lie the other way: see the second drawing.',
    ],
    'plain' => [
        'check' => 'Check one: :width by :height.',
        'larger' => 'Leave them :width by :height until the units that go beside them are sewn.',
        'trim' => 'Measure a sewn unit that goes beside one, and trim to that; by the pattern, to :width by :unfinished.',
    ],
    'strip_grid' => [
        'sets' => [
            'sew' => 'Sew the strips of each set together along their length in the order drawn, with a :seam seam.',
            'edge' => 'After one seam the outer strip still shows one allowance: it reads :edge. A strip with a seam on both sides reads '
                .':finished.',
        ],
        'singles' => [
            'sew' => 'Lay the pieces out as drawn and sew them into rows with a :seam seam.',
            'press' => 'Press the rows in turn to the left and to the right, so that seams nest.',
        ],
        'join' => 'Lay the rows out as drawn, turning a row round where the drawing does.',
        'sew_rows' => 'Nest the seams and sew the rows together.',
        'press_rows' => 'Press those seams one way.',
        'trim' => 'Trim what is larger than :width by :unfinished, evenly from all sides.',
    ],
    'pointed' => [
        'cut_point' => 'Cut the pieces of :point round the template.',
        'cut_sides' => 'Cut the rectangles for the sides once, corner to corner: half of them one way and half the other, as drawn.',
        'layer' => 'Lay a side triangle on the point, right sides together, so that the tips stand out at both ends as shown.',
        'sew' => 'Sew the first side on with a :seam seam.',
        'press' => 'Press away from the point.',
        'sew_again' => 'Sew the other side on the same way.',
        'trim' => 'Trim to :width by :unfinished, with :seam beyond each point.',
    ],
    'slanted' => [
        'cut' => 'Cut strips :strip wide. Cut one end at :degrees°, then pieces :spacing wide, measured square to the cut.',
        'blunt' => 'Cut :off off each sharp tip, straight across, so that it measures :length from cut to cut. Edges of two diamonds then meet exactly.',
        'check' => 'Check one: each slanted side measures :side.',
    ],
    'sixty' => [
        'cut_blunt' => 'Cut strips :strip wide, then triangles with a 60° ruler, flipping it after each cut. The tips come out blunt.',
        'cut_pointed' => 'Cut strips :strip wide, then triangles with a 60° ruler from edge to edge, flipping it after each cut.',
        'check' => 'Check one: :strip high.',
    ],
    'star' => [
        'cut' => 'Cut strips :strip wide for the diamonds and cut them at 45°. Cut the squares of :ground for the sides twice, corner to '
            .'corner.',
        'mark' => 'Mark on the back of every piece where the seams will meet, :seam from both edges.',
        'pairs' => 'Sew diamonds of :first and :second together in pairs with a :seam seam, from the middle outwards.',
        'check' => 'Measure a pair along its outer edge before anything is set in: :edge from the raw tip to the mark.',
        'halves' => 'Sew the pairs together in twos, which gives two halves.',
        'whole' => 'Sew the halves together in one seam through the middle. Three seams of each half meet there: nest them, and pin the middle first.',
        'set_in' => 'Set squares of :ground into the corners and triangles of :ground into the sides: '
            .'sew from the inner corner outwards, then the other edge.',
        'press' => 'Press the diamonds round the same way and spin the middle open.',
        'press_set_in' => 'Press the seams of the squares and triangles to the diamonds.',
        'trim' => 'Trim to :unfinished square, with :beyond beyond each point.',
    ],
    'sewing' => [
        'leader' => 'Begin on a scrap, so that the sharp point is not drawn in.',
        'wide-corner-first' => 'Begin at the wider corner and end at the sharp one.',
        'stop-and-secure' => 'Stop one allowance before the outer end, at the mark, and secure the seam there.',
        'start-and-secure' => 'Begin one allowance after the outer end, at the mark, and secure the seam there.',
        'set-in' => 'Begin and stop one allowance from the ends, at the marks, and secure both.',
        'unsecured' => 'Do not secure the seams at the crossing.',
    ],
    'overhang' => [
        'whole' => 'Where :first meets :second at a slant, laid for sewing: at the left (or upper) end :start; at the right (or lower) end '
            .':end. '
            .'It looks wrong and is right.',
        'out' => ':slot stands out by :by',
        'level' => 'both are level',
    ],
];
