<?php

declare(strict_types=1);

return [
    'severity' => ['error' => 'Error', 'warning' => 'Warning', 'note' => 'Note'],
    'clean' => 'Nothing to mark.',
    'errors' => '{0}no errors|{1}:count error|[2,*]:count errors',
    'warnings' => '{0}no warnings|{1}:count warning|[2,*]:count warnings',
    'notes' => '{0}no notes|{1}:count note|[2,*]:count notes',
    'unfinished' => 'This is not finished: it :problem',
    'unreadable' => 'This cannot be read as it is: it :problem',
    'uncomputable' => 'Change :unit: at size :size it cannot be computed. :problem',
    'uncomputable-whole' => 'Change the design: a part of it cannot be computed. :problem',
    'too-wide' => 'Choose a smaller size or wider cloth: :unit needs a piece of :cut, and the cloth is :usable wide.',
    'unused-fabric' => 'Use :fabric or take it out: no unit and no border is cut from it.',
    'unused-unit' => 'Use :unit in a block or remove it: no block has it.',
    'unmade-unit' => 'Add :unit to a clue: blocks need it and no clue makes it.',
    'off-mark' => 'Change the size of :unit, or cut oversize and trim: a piece of :exact is not on {a sixteenth; a millimetre}; the nearest mark is '
        .':mark.',
    'look-alike' => 'Label the strips: in :fabric, :wider (for :unit) and :narrower (for :other) are easily mixed up.',
    'bias-outside' => 'Starch, or choose another method: :edges edges of :unit are on the bias.',
    'wasteful-yield' => 'Choose a method that makes fewer at a time: :unit at size :size takes :needed, and this makes :spares more.',
    'unused-block' => 'Use :unit in the setting or remove it: no size has it.',
    'made-too-late' => 'Move :unit before :by, or :by behind it: it is made in clue :made, and :by needs it in clue :needed.',
    'made-behind' => 'Put :unit before :by: both are made in clue :made, and :by needs it.',
    'unmade-share' => 'Add the rest of :unit to a clue: at size :size the quilt takes :needed, and the shares of its tasks come to :made.',
    'unmade-block' => 'Add :unit to a clue: the quilt needs the block and no clue makes it.',
    'unmade-part' => 'Add :unit to a clue: the setting needs it and no clue makes it.',
    'no-joining' => 'Add a clue in which the top is joined: no clue sews the rows.',
    'no-finishing' => 'Add a clue in which the quilt is layered, quilted and bound, or mark that it is not finished here.',
    'twin-units' => 'Use one id: :unit is the same as :other, and made together they are one task.',
    'mirrored-pieces' => 'Cut the pieces of :unit in pairs, half of them mirrored: left and right are different pieces.',
    'unbalanced-cloth' => 'Use the other halves too, or have :left triangles over: at size :size, :unit takes :used halves of the '
        .'strip-set squares.',
    'missing-halves' => 'Make more of the unit whose squares leave these halves over, or fewer of :unit: at size :size, :missing of its '
        .':used halves are cut for no other unit.',
    'seams-differ' => 'Make :unit fit its cell in :block: it finishes :width by :height and the cell is :space_width by :space_height, so '
        .'its seam differs from that of :neighbour.',
    'way-differs' => 'Turn :unit by half in ":way" of :block, or leave it as it is: it finishes :width by :height, so turned by a quarter '
        .'it '
        .'does not fill its cell.',
    'sides-differ' => 'Make :unit fit its place in :block: its side finishes :side, and the place has a side of :space.',
    'cuts-too-little' => 'Compare the cutting sizes of :unit with the pattern: without their seams the pieces cover at most '
        .':covers of its :area.',
    'spare-on-seam' => 'Take the spare allowance off edge :edge of piece :piece in :unit: the seam after which it is trimmed is sewn along that '
        .'very edge.',
    'uncovered' => 'Check the drawing of :unit: its pieces cover :drawn of its :area.',
    'trimmed-points' => 'Note: points or slanted seams at the edge of :block are cut off: it is trimmed to :width by :height on '
        .'purpose.',
    'stated-count' => 'Check the pattern: it states that size :size takes :stated of :unit, and the quilt takes :needed.',
    'stated-too-large' => 'Ask the pattern: it states :stated_width by :stated_height for :unit, and its pieces give :width by :height. No '
        .'seam is to blame.',
    'stated-too-small' => 'Do not trim :unit to the stated :stated_width by :stated_height: its pieces give :width by :height, and '
        .'trimming would take :off_width from each side and :off_height from top and bottom, all of it from :pieces.',
    'stated-cut-small' => 'Cut larger: for :unit made by ":method" the pattern states :stated for a piece that needs :width (exactly '
        .':exact), :off too little. '
        .'From :stated the unit comes out :gives unfinished and could never be squared up.',
    'stated-cut-small-plain' => 'Cut larger: for :unit made by ":method" the pattern states :stated by :stated_long for a piece that needs '
        .':width by :long '
        .'(exactly :exact) and could never be squared up.',
    'stated-cut-small-method' => 'Ask the pattern: it states :stated for :unit made by ":method", which needs :width (exactly :exact), '
        .':off more. '
        .'From :stated that way the unit comes out :gives unfinished. Made by ":right_by", :stated is right.',
    'stated-cut-small-plain-method' => 'Ask the pattern: it states :stated by :stated_long for a piece of :unit made by ":method", which '
        .'needs :width by :long '
        .'(exactly :exact). Made by ":right_by", it is right.',
    'stated-cut-large' => 'Compare: for :unit made by ":method" the pattern states :stated, and :width is enough (exactly :exact). '
        .'From :stated the unit comes out :gives before it is trimmed.',
    'stated-cut-large-plain' => 'Compare: for a piece of :unit made by ":method" the pattern states :stated by :stated_long, and :width by '
        .':long is enough '
        .'(exactly :exact).',
    'stated-cut-large-method' => 'Compare: for :unit made by ":method" the pattern states :stated, and :width is enough (exactly :exact). '
        .'From :stated the unit comes out :gives before it is trimmed. Made by ":right_by", :stated is right.',
    'stated-cut-large-plain-method' => 'Compare: for a piece of :unit made by ":method" the pattern states :stated by :stated_long, and '
        .':width by :long is '
        .'enough (exactly :exact). Made by ":right_by", it is right.',
    'trim-off-mark' => 'Choose another size, or trim :unit with a template: at size :size it is trimmed to :exact, which is on no mark; '
        .'the nearest is :mark.',
    'trim-off-mark-block' => 'Choose another block size, trim with a template, or let the block come out as it does: at size :size, :unit '
        .'is trimmed to :exact, '
        .'which is on no mark; the nearest is :mark. Trimmed to that, :block comes out :comes_out and not :wanted.',
    'check-off-mark' => 'Note: :unit at size :size can’t be checked exactly: it should measure :exact, which is on no mark; the '
        .'nearest is :mark.',
    'check-off-mark-block' => 'Note: :unit at size :size can’t be checked exactly: it should measure :exact, which is on no mark; the '
        .'nearest is :mark. '
        .':block comes out :comes_out and not :wanted.',
    'odd-ones-out' => 'Point it out and label them: the outermost strips of :unit are cut :outer and those between them :inner, only :more '
        .'less.',
    'points-at-join' => 'Move the points inwards or choose another join: in :block a point is :has from the trimmed edge, and the join '
        .'takes :clear, '
        .'so that :lost of it is lost.',
    'unused-byproduct' => 'Use the extra units this makes, or choose another method: at size :size, making :used of :unit gives as many the '
        .'other way round, '
        .'and :left of those are left over.',
    'unfriendly-size' => 'Cut oversize and trim, or cut to {sixteenths; millimetres}: at size :size, :pieces cuts are not on the cutting step, such as '
        .':exact for :unit.',
    'unfriendly-size-near' => 'Make the blocks :lower or :higher, cut oversize and trim, or cut to {sixteenths; millimetres}: at size :size (blocks of '
        .':block), :pieces cuts are not on the cutting step, such as :exact for :unit.',
    'unfriendly-size-near-one' => 'Make the blocks :lower, cut oversize and trim, or cut to {sixteenths; millimetres}: at size :size (blocks of :block), '
        .':pieces cuts are not on the cutting step, such as :exact for :unit.',
    'close-values' => 'Look at it in grey: in :colourway, :one and :other touch and differ by only :difference of 100 in lightness.',
    'colourway-gap' => 'Choose a cloth for :fabric in :colourway: it has none.',
    'task-too-early' => 'Move it later, or :unit earlier: in :clue :done it needs :unit, which is made in :clue :made.',
    'heavy-clue' => 'Share the work out: :clue :number takes :minutes minutes at size :size, and the :clues of that size take :median in '
        .'the '
        .'middle.',
    'empty-clue' => 'Call :clue :number a pause, or give it something to make: there is nothing to do in it at any size.',
    'idle-size' => 'Give every size something to do: in :clue :number there is nothing for :size.',
    'little-time' => 'Leave more time, at least :wanted days: :clue :number takes :minutes minutes at size :size, and the next :clue opens '
        .'after :days days.',
    'no-opening' => 'Write what members read first in :clue :number, “:title”.',
    'tool-late' => 'Name “:tool” earlier, or among what members collect before the first :clue: :clue :number is the first to mention it.',
    'tool-grows' => 'Mention early that a square ruler of :needs is needed: :clue :number asks for it at size :size, and until then :before '
        .'was '
        .'enough.',
    'quoted-length' => 'Check “:quoted” in the words of :clue :number: at size :size nothing in it measures that.',
    'quoted-count' => 'Check “:quoted” in the words of :clue :number: at size :size nothing in it comes in that number.',
    'secret-named' => 'Leave “:unit” out of the words of :clue :number: it is first made in :clue :made.',
    'secret-picture' => 'Leave the picture “:picture” out of :clue :number: it shows what :clue :made makes.',
];
