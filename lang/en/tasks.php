<?php

declare(strict_types=1);

return [
    'shared' => ':count in the whole quilt, shared out among you',
    'make' => 'Make :count',
    'cut' => 'Cut :count',
    'make_one' => 'Make one first. Press it, measure it, then sew the rest.',
    'spares' => 'This makes :count more than you need.|This makes :count more than you need.',
    'remainder' => ':made were made another way. The cutting covers the other :left.',
    'from_bag' => ':count of these is in a bag from earlier work. The cutting covers the other :left.'
        .'|:count of these are in a bag from earlier work. The cutting covers the other :left.',
    'all_from_bag' => 'This one is in a bag from earlier work, cut and waiting to be sewn. Cut nothing for it.'
        .'|All :count are in a bag from earlier work, cut and waiting to be sewn. Cut nothing for them.',
    'byproduct' => [
        'name' => 'The other way round of :unit',
        'unnamed' => ':count more comes out of the same cuts, the other way round of :unit. Keep it in a bag of its own.'
            .'|:count more come out of the same cuts, the other way round of :unit. Keep them in a bag of their own.',
        'named' => ':count :name comes out of the same cuts too. Keep it in a bag.|:count :name come out of the same cuts too. Keep them '
            .'in a bag.',
    ],
    'turns' => [
        'title' => 'How the parts of :block are turned',
        'hint' => 'Cutting and counts are the same in every way, and every drawing of this block follows. What you have sewn already '
            .'stays as it is.',
        'designed' => 'As it is designed',
        'change' => 'Turn them this way',
        'changed' => 'The block is drawn in the way you chose.',
        'unknown' => 'This block cannot be turned that way. Choose one of the ways shown.',
    ],
    'pattern' => 'As drawn in the pattern',
    'pattern_alt' => ':unit, as drawn in the pattern',
    'press_board' => 'As it is pressed, before it is cut',
    'press_other' => 'How the other copies are pressed',
    'pressed' => [
        'title' => 'How yours are pressed',
        'hint' => 'If you have already pressed these another way, tell Dew: it plans everything still to be pressed so that it nests with them.',
        'ways' => ['planned' => 'as the flags show', 'reversed' => 'the other way', 'open' => 'open'],
        'save' => 'Save and replan',
        'changed' => 'What is still to be pressed now follows yours.',
        'unknown' => 'That is not possible for this task.',
    ],
    'steps' => 'Steps',
    'count_off' => 'Count off',
    'trim_to' => 'Trim to',
];
