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
        'flags' => 'Press the seam to the side of its flag in the drawing.|Press each seam to the side of its flag in the drawing.',
        'sets' => 'Of segments that are cut from the same strip set, :one are pressed one way and :other the other way.',
        'clash' => 'Where two seams lie the same way as they meet, press one of them open there, or clip it to the seam and turn it.',
        'others' => ':others of the :count lie the other way: see the second drawing.',
    ],
    'plain' => ['check' => 'Check one: :width by :height.'],
    'hst' => [
        'two' => [
            'mark' => 'Draw one diagonal on the back of each square of :light.',
            'sew' => 'Sew :seam from the line, on both sides of it.',
            'cut' => 'Cut on the drawn line. Each pair gives 2 units.',
        ],
        'eight' => [
            'mark' => 'Draw both diagonals on the back of each square of :light.',
            'sew' => 'Sew :seam from each line, on both sides of it: four seams.',
            'cut' => 'Do not move the square. Cut it in half across and down, then on both drawn lines. Each pair gives 8 units.',
        ],
        'four' => [
            'layer' => 'Lay a square of :light on a square of :dark, right sides together, edges level.',
            'sew' => 'Sew all round, :seam from the edge.',
            'cut' => 'Cut on both diagonals. Each pair gives 4 units, with every edge on the bias.',
        ],
        'triangles' => [
            'cut' => 'Cut each square once, corner to corner.',
            'layer' => 'Lay a triangle of :light on a triangle of :dark, right sides together, the long edges level.',
            'sew' => 'Sew the long edge with a :seam seam, the ends level.',
        ],
        'strip' => [
            'layer' => 'Lay a strip of :light and a strip of :dark, both :strip wide, right sides together.',
            'cut' => 'Cut pairs of triangles with a triangle ruler for units of :unfinished, flipping it after each cut. The tips come out '
                .'blunt.',
        ],
        'grid' => [
            'layer' => 'Lay the pieces of :light and :dark right sides together and pin the printed paper on top.',
            'sew' => 'Sew on all dashed lines, :seam either side of the diagonals, with short stitches.',
            'cut' => 'Cut on all solid lines and take the paper off. Each grid of six cells gives 12 units.',
        ],
        'layer' => 'Lay each marked square on a square of :dark, right sides together, edges level.',
        'press' => 'Press the seam to :dark, lifting the iron.',
        'press_same' => 'Press the seam to :dark, lifting the iron.',
        'trim' => 'Trim to :unfinished square, the diagonal of the ruler on the seam.',
    ],
    'hourglass' => [
        'squares' => [
            'mark' => 'Draw one diagonal on the back of each square of :first. Lay it on its partner, right sides together.',
            'sew' => 'Sew :seam from the line, on both sides of it.',
            'cut' => 'Cut on the line.',
            'press' => 'Press every seam the same way, to :dark where it takes part.',
            'layer' => 'Draw the other diagonal on half of these triangle squares. Lay each on a plain partner, seams nested, '
                .'the fabrics that will be neighbours face to face.',
            'sew_again' => 'Sew :seam from the line, on both sides of it, and cut on the line.',
        ],
        'triangles' => [
            'cut' => 'Cut each square twice, corner to corner: 4 triangles with the straight grain on their long edge.',
            'layer' => 'Lay the four triangles of one unit out as drawn, then turn each second one onto its neighbour.',
            'sew' => 'Sew two pairs with a :seam seam along a short edge.',
            'press' => 'Press the two seams in opposite directions.',
            'join' => 'Nest the seams and join the pairs with a :seam seam.',
        ],
        'strip' => [
            'long' => 'Cut strips :strip wide. Cut triangles with a right-angled triangle ruler, the long side on the edge of the strip, '
                .'flipping it after each cut. The straight grain lies outside.',
            'short' => 'Cut strips :strip wide. Cut triangles with a right-angled triangle ruler, a short side across the strip, '
                .'flipping it after each cut. The long sides, which lie outside, are on the bias: handle them little.',
        ],
        'spin' => 'Press the last seam to one side, or spin it open at the crossing.',
        'trim' => 'Trim to :unfinished square, both diagonals of the ruler on the seams.',
    ],
    'half_and_quarters' => [
        'cut' => 'Cut the squares of :half once corner to corner, those of :top and :left twice.',
        'strip' => 'Cut strips of :half :strip wide and strips of :top and :left :narrow wide. Cut triangles with a right-angled triangle '
            .'ruler: '
            .'of the wide strips with a short side across, of the narrow ones with the long side on the edge.',
        'layer' => 'Lay a triangle of :top and a triangle of :left out as drawn, before you sew: the other way round is another unit.',
        'sew' => 'Sew them together along the short edge with a :seam seam.',
        'press_pair' => 'Press this seam the same way in every pair.',
        'join' => 'Sew the pair to a triangle of :half along the long edge with a :seam seam.',
        'press' => 'Press the long seam to :half.',
        'trim' => 'Trim to :unfinished square, the diagonal of the ruler on the long seam.',
    ],
    'geese' => [
        'no_waste' => [
            'mark' => 'Draw one diagonal on the back of each square of :sky.',
            'layer' => 'Lay two squares of :sky in opposite corners of a square of :goose, right sides together. '
                .'They overlap in the middle; their lines meet.',
            'sew' => 'Sew :seam from the line, on both sides of it.',
            'cut' => 'Cut on the line.',
            'layer_again' => 'Lay one more square of :sky in the empty corner of each half, its line towards the middle.',
            'sew_again' => 'Sew :seam from the line, on both sides of it, and cut on the line: 4 units.',
        ],
        'flip' => [
            'mark' => 'Draw one diagonal on the back of each square of :sky.',
            'sew' => 'Lay one on an end of a rectangle of :goose, right sides together, and sew on the line, or a thread outside it.',
            'check' => 'Fold the flap over: it reaches the corner of the rectangle exactly.',
            'cut' => 'Trim :seam beyond the seam.',
            'sew_again' => 'Sew a square of :sky on the other end the same way, so that the two seams cross. '
                .'Fold it over, look whether it reaches the corner, and trim :seam beyond the seam.',
        ],
        'triangles' => [
            'cut' => 'Cut the squares of :goose twice corner to corner, the squares of :sky once.',
            'sew' => 'Sew a triangle of :sky to each short side of a triangle of :goose with a :seam seam, starting at the wide corner. '
                .'Press after the first side.',
        ],
        'strip' => [
            'cut' => 'Cut strips of both fabrics :strip wide. Cut triangles of :goose with a right-angled triangle ruler, the long side on '
                .'the edge, '
                .'and triangles of :sky with a short side across the strip.',
        ],
        'press' => 'Press to :sky.',
        'trim' => 'Trim to :width by :unfinished, with :seam beyond the point of the goose.',
    ],
    'corners' => [
        'mark' => 'Draw one diagonal on the back of each square of :corner.',
        'sew' => 'Lay squares into the :places of the piece of :base, right sides together, each line across its corner, '
            .'and sew on the line, or a thread outside it.',
        'sew_made' => 'Lay squares into the :places of what was made before, right sides together, each line across its corner, '
            .'and sew on the line, or a thread outside it.',
        'sew_round' => 'Round :round: lay squares into the :places, right sides together, each line across its corner, '
            .'and sew on the line, or a thread outside it. Squares of the next round would lie over these, so finish this round first.',
        'check' => 'Fold the flap over: it reaches the corner exactly. Only then trim.',
        'cut' => 'Trim :seam beyond the seam.',
        'press' => 'Press the corner outwards.',
        'measure' => 'Check: still :width by :height.',
    ],
    'square_in_square' => [
        'triangles' => [
            'cut' => 'Cut the squares of :corner once, corner to corner.',
            'sew' => 'Sew a triangle of :corner to two opposite sides of the square of :centre, its long edge to the side, middles '
                .'matched, '
                .'with a :seam seam.',
            'sew_again' => 'Sew the other two triangles on the same way.',
        ],
        'flip' => [
            'sew' => 'Lay squares on the :places of the square of :centre, right sides together, and sew on the lines, or a thread outside '
                .'them.',
        ],
        'press' => 'Press to :corner.',
        'trim' => 'Trim to :unfinished square, with :beyond beyond each point.',
    ],
    'rail' => [
        'strips' => [
            'sew' => 'Sew the strips together along their length in the order drawn, with a :seam seam, turning the set round for every '
                .'second seam.',
            'press' => 'Press all seams the same way, along the strip and not across it.',
        ],
        'bars' => ['sew' => 'Sew the bars together in the order drawn, with a :seam seam.'],
    ],
    'strips' => [
        'press_one_way' => 'Press all seams of these sets one way, along the strip and not across it. '
            .'The sets of the mirrored units are pressed the other way, so that the seams nest.',
        'press_other_way' => 'Press all seams of these sets the other way than those of the units that are not mirrored, '
            .'along the strip and not across it: so the seams nest.',
    ],
    'nine_patch' => [
        'strips' => [
            'sew' => 'Sew sets of :first, :second, :first, and sets of :second, :first, :second, with a :seam seam.',
            'press' => 'Press all seams to :dark, along the strip and not across it.',
        ],
        'squares' => [
            'sew' => 'Sew rows of three with a :seam seam: :first, :second, :first twice, and :second, :first, :second once.',
            'press' => 'Press the seams to :dark.',
        ],
        'join' => 'Lay the rows out with :first in all four corners. Nest the seams and sew the rows together.',
        'press_rows' => 'Press the two long seams one way.',
    ],
    'four_patch' => [
        'strips' => [
            'sew' => 'Sew a strip of :first to a strip of :second along their length, with a :seam seam.',
            'press' => 'Press the seam to :dark, along the strip and not across it.',
            'check' => 'Measure the sewn set: :sewn wide all the way along.',
            'cut' => 'Square one end, then cut segments :segment wide. A full set gives :segments.',
        ],
        'squares' => [
            'sew' => 'Sew squares of :first to squares of :second in pairs, with a :seam seam.',
            'press' => 'Press the seams to :dark.',
        ],
        'join' => 'Turn every second pair, so that :first meets its neighbour only at the crossing. Nest the seams and sew.',
        'spin' => 'Press the last seam to one side, or spin it open at the crossing.',
        'trim' => 'Trim what is larger than :unfinished square, evenly from all sides.',
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
    'pinwheel' => [
        'layer' => 'Lay four of these out so that, going clockwise round the middle, each triangle of :first comes before the one of '
            .':second that it is sewn to.',
        'layer_mirrored' => 'Lay four of these out so that, going clockwise round the middle, each triangle of :second comes before the '
            .'one '
            .'of :first that it is sewn to.',
        'sew' => 'Sew two pairs with a :seam seam.',
        'press' => 'Press the two seams in opposite directions.',
        'join' => 'Nest the seams and join the pairs with a :seam seam.',
        'spin' => 'Spin the last seam open at the crossing: the middle shows a tiny pinwheel.',
    ],
    'turned_nine_patch' => [
        'sew' => 'Sew nine-patches with :corner in the corners, :edge at the sides and :middle in the middle, with a :seam seam.',
        'press' => 'Press the seams of the nine-patch open, so that its quarters lie alike however they are turned.',
        'check' => 'Measure the nine-patch before you cut it: :unfinished.',
        'cut' => 'Cut it through the middle both ways, :from from the seams of the square of :middle. Measure from the seam and not from '
            .'the edge.',
        'turn' => 'Turn the quarters as drawn.',
        'sew_again' => 'Sew them together again with a :seam seam. Each cut edge loses one allowance.',
        'press_again' => 'Press these seams to one side, or spin them open at the crossing.',
        'trim' => 'Trim to :unfinished square and no less: less would come off the outermost pieces.',
    ],
    'log_cabin' => [
        'logs' => [
            'sew' => 'Sew the logs on in the order of their numbers, clockwise from the top, each with a :seam seam.',
            'sew_mirrored' => 'Sew the logs on in the order of their numbers, counter-clockwise from the top, each with a :seam seam.',
        ],
        'strips' => [
            'sew' => 'Sew a log on with a :seam seam, clockwise from the top, and trim its end level before the next one.',
            'sew_mirrored' => 'Sew a log on with a :seam seam, counter-clockwise from the top, and trim its end level before the next one.',
        ],
        'press' => 'Press every seam away from the middle.',
        'check' => 'After course :course it reads :unfinished square. Trim now: what is off here grows with every course.',
    ],
    'economy' => [
        'cut' => 'Cut the squares of :inner and of :outer once, corner to corner.',
        'sew' => 'Sew a triangle of :inner to two opposite sides of the square of :centre, middles matched, with a :seam seam; press; then '
            .'the other two.',
        'trim_inner' => 'Trim to :unfinished square, with :beyond beyond each corner of the middle.',
        'sew_again' => 'Sew the triangles of :outer on the same way.',
        'press' => 'Press away from the middle.',
    ],
    'striped_hst' => [
        'sew' => 'Sew the strips together along their length in the order drawn, with a :seam seam.',
        'check' => 'Measure the sewn set: at least :sewn wide all the way along.',
        'cut' => 'Square one end, then cut squares of :segment. A full set gives :segments.',
        'cut_plain' => 'Cut each square of :plain once, corner to corner.',
        'halves' => 'Take the other halves of the strip-set squares out of their bag: those with :first along their straight edge.',
        'cut_diagonal' => 'Lay each square of the set with :first at the top and cut it from the bottom left to the top right. '
            .'The two triangles differ: these units take the upper ones; bag the others. Cut the squares of :plain corner to corner too.',
        'cut_diagonal_mirrored' => 'Lay each square of the set with :first at the top and cut it from the bottom right to the top left. '
            .'The two triangles differ: these units take the upper ones; bag the others. Cut the squares of :plain corner to corner too.',
    ],
    'strip_parallelogram' => [
        'plain' => ['sew' => 'Sew the strips together along their length, ends level, with a :seam seam.'],
        'staggered' => [
            'sew' => 'Sew the strips together along their length with a :seam seam, each one set in by :stagger: that saves cloth at the '
                .'slanted ends.',
        ],
        'cut' => 'Cut one end at 45°, then segments :segment wide, measured square to the cut. A full set gives :segments.',
    ],
    'half_rectangle' => [
        'cut' => 'Stack the rectangles with all faces up and cut each once, corner to corner, the same way as drawn: the other way gives '
            .'the other hand.',
        'layer' => 'Lay triangles of :first and :second right sides together along the long edge, so that the tips stand out at both ends '
            .'as shown.',
        'sew' => 'Sew the long edge with a :seam seam.',
        'press' => 'Press the seam to :dark.',
        'trim' => 'Trim to :width by :unfinished, square to the right-angled corners. '
            .'The seam meets the finished corners, so it misses the raw ones by :miss.',
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
    'quarter_circle' => [
        'templates' => [
            'cut' => 'Cut both pieces round their templates. Their curves have one centre, at the finished corner: '
                .'the inner one is cut to a radius of :inner, the outer one to :outer. Clip the notch in the middle of each at most :deep deep.',
            'pin' => 'Pin the notches in the middle together, then both ends, :outer on top, and clip it a little where it is tight.',
        ],
        'swap' => [
            'cut' => 'Stack a square of each, faces up, and cut both at once along a quarter circle of :radius about one corner.',
            'pair' => 'Swap the inner pieces. Each pair gives one unit with :inner inside the curve and one with :outer inside it: '
                .'these units are the first kind, and the others go into a bag.',
            'trim' => 'Trim to :unfinished square, so that the curve meets both edges :meets from the corner. '
                .'The two curves differ in length: ease, and trim off centre.',
        ],
        'pin' => 'Fold both curves in half and crease them. Pin the middles and both ends, :outer on top, and clip it a little where it is '
            .'tight.',
        'sew' => 'Sew slowly with a :seam seam, easing :outer round :inner, taking each pin out before the needle.',
        'press' => 'Press the seam to one side; a curve does not lie open.',
        'trim' => 'Trim to :unfinished square, the curve the same distance from both corners it meets.',
    ],
    'slanted' => [
        'cut' => 'Cut strips :strip wide. Cut one end at :degrees°, then pieces :spacing wide, measured square to the cut.',
        'check' => 'Check one: each slanted side measures :side.',
    ],
    'sixty' => [
        'cut_blunt' => 'Cut strips :strip wide, then triangles with a 60° ruler, flipping it after each cut. The tips come out blunt.',
        'cut_pointed' => 'Cut strips :strip wide, then triangles with a 60° ruler from edge to edge, flipping it after each cut.',
        'check' => 'Check one: :strip high.',
    ],
    'triangle_row' => [
        'layer' => 'Lay the row out as drawn, a half triangle at each end.',
        'sew' => 'Sew the triangles into a row with a :seam seam, so that the tips stand out at both ends as shown.',
        'sew_blunt' => 'Sew the triangles into a row with a :seam seam, the blunt tips level.',
        'press' => 'Press all seams one way, lifting the iron: every edge but the base is on the bias.',
        'trim' => 'Trim what stands out of :width by :unfinished.',
    ],
    'star' => [
        'cut' => 'Cut strips :strip wide for the diamonds and cut them at 45°. Cut the squares of :ground for the sides twice, corner to '
            .'corner.',
        'mark' => 'Mark on the back of every piece where the seams will meet, :seam from both edges.',
        'pairs' => 'Sew diamonds of :first and :second together in pairs with a :seam seam, from the middle outwards.',
        'check' => 'Measure a pair along its outer edge before anything is set in: :edge from the raw tip to the mark.',
        'halves' => 'Sew pairs into halves and the halves together, matching the middles.',
        'set_in' => 'Set squares of :ground into the corners and triangles of :ground into the sides: '
            .'sew from the inner corner outwards, then the other edge.',
        'press' => 'Press the diamonds round the same way and spin the middle open.',
        'trim' => 'Trim to :unfinished square, with :beyond beyond each point.',
    ],
    'custom' => [
        'cut_templates' => 'Cut round the templates, which hold the seam allowance.',
        'cut_notched' => 'Cut round the templates, which hold the seam allowance. Clip each notch at most :deep deep.',
        'cut' => 'Cut the other pieces by their sizes.',
        'cut_given' => 'Cut the pieces by the sizes that the pattern gives.',
        'mark' => 'Mark on the back where seams stop: :seam from both edges of a corner.',
        'sew' => 'Sew as the pattern says, with a :seam seam.',
        'press' => 'Press each seam to the side where it lies flatter, and before another one crosses it.',
        'baste' => 'Lay :first and :second right sides together and baste their notches together by machine. Only then ease what lies '
            .'between.',
        'seam' => 'Seam :number: sew :first to :second with a :seam seam.',
        'trim_inner' => 'Trim the inner allowance of this seam, so that the curve lies flat.',
        'press_open' => 'Press this seam open.',
        'press_toward' => 'Press this seam to :toward.',
        'press_seam' => 'Press this seam to the side where it lies flatter.',
        'trim_spare' => 'Press the template onto :piece again and trim its outer edge by it, so that :seam is left beyond the finished '
            .'line.',
        'check_section' => 'Compare the section with the drawing before you put it in its bag.',
    ],
    'block' => [
        'trimmed' => 'Trim the block to :width by :unfinished: :side off the left and the right, :end off top and bottom. It was sewn '
            .'larger on '
            .'purpose.',
        'lay_out' => 'Lay the parts out as drawn, :columns across and :rows down, before you sew.',
        'rows' => 'Sew the parts of each row together with a :seam seam.',
        'sections' => 'Sew sections first, where a part is as long as two beside it, with a :seam seam; then join the sections.',
        'edge' => 'After one seam a part at the edge reads :edge across; one with a seam on both sides reads :inner.',
        'press' => 'Press the rows in turn to the left and to the right, so that seams nest.',
        'press_sections' => 'Press each seam before another one crosses it, and seams that will meet in opposite directions.',
        'join' => 'Nest the seams, pin the crossings and sew the rows together with a :seam seam.',
        'press_joined' => 'Press the long seams one way; where this block will meet its like, turn one of the two round.',
        'sixty' => [
            'one' => 'There is nothing to join: the block is this one part.',
            'lay_out' => 'Lay the parts out in :rows rows as drawn, before you sew. Their slanted edges lie on the bias: starch, and '
                .'handle '
                .'them little.',
            'rows' => 'Sew the parts of each row together with a :seam seam, the points of two neighbours a seam allowance apart at the '
                .'raw '
                .'edge.',
            'sections' => 'Sew smaller triangles and diamonds into larger ones first, with a :seam seam, as far as straight seams go; '
                .'then join '
                .'those.',
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
        'check_before_trimming_otherwise' => 'Measure the block before you trim it: :width by :unfinished. That is what parts trimmed to the '
            .'marks of your ruler give; the pattern has :pattern_width by :pattern. There is enough to trim either way.',
        'middle' => 'Measure the middle before its frame goes on: :width by :unfinished.',
        'check' => 'Measure: :width by :unfinished. Do not trim a block to a wished-for size: it would come off its outermost pieces.',
        'check_otherwise' => 'Measure: :width by :unfinished. That is what parts trimmed to the marks of your ruler give, and not the '
            .':pattern_width by '
            .':pattern of the pattern. Do not stretch or trim the block to that: every block comes out like this one.',
    ],
    'setting_triangle' => [
        'side' => 'Cut squares of :square twice, corner to corner: 4 triangles with the straight grain on their long edge, which lies '
            .'outside.',
        'corner' => 'Cut squares of :square once, corner to corner: 2 triangles with the straight grain on their short edges, which lie '
            .'outside.',
    ],
    'long_strips' => [
        'mitre_sides' => 'Sew each strip to its side with its middle on the middle, :seam wide. Begin and end :seam before the corners, '
            .'and let as much of the strip hang over at either end.',
        'mitre_corners' => 'In each corner lay one strip straight over the other, fold it back to 45°, press the fold, and sew in it from '
            .'the inner corner outwards. Look at the corner from the front before you cut off what is over.',
        'diagonal' => 'Join the strips end to end with diagonal seams: lay two ends square over each other and sew across the corner. Trim '
            .'to :seam.',
        'straight' => 'Join the strips end to end with a :seam seam.',
        'diagonal_apart' => 'Take strips of their own for each length, and join them end to end where one is too short: lay two ends square '
            .'over each other and sew across the corner. Trim to :seam.',
        'straight_apart' => 'Take strips of their own for each length, and join them end to end where one is too short, with a :seam seam.',
        'press' => 'Press the joins open.',
        'border' => 'Cut :count of :length, but measure your own top first: through the middle and near both edges, and take the mean.',
        'border_check' => 'Pin the middles and the ends, then sew. A border cut longer than the top ruffles.',
        'sashing' => 'Cut :count of :length.',
        'sashing_check' => 'Measure the rows first: all long strips are as long as the mean of the rows.',
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
