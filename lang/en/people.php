<?php

declare(strict_types=1);

return [
    'remove' => 'Remove',
    'remove_says' => '“:quilt” by :name leaves the quilt-along now. What was counted in it is kept for a day, in which you can bring it back '
        .'here; then it is deleted.',
    'remove_parts' => 'Parts that were to be sewn are free for others at once.',
    'remove_do' => 'Remove this quilt',
    'removed' => '“:quilt” by :name was removed.',
    'removed_lately' => '“:quilt” by :name was removed. You can bring it back for a day.',
    'bring_back' => 'Bring it back',
    'is_back' => '“:quilt” by :name is back, with all that was counted.',
    'title' => 'People',
    'code' => 'Join code',
    'link' => 'Join link',
    'code_hint' => 'Anyone with the code can join until you replace it.',
    'replace' => 'Replace the code',
    'make' => 'Make a join code',
    'new_code' => 'There is a new join code. The old one no longer works.',
    'search' => 'Find a member',
    'search_button' => 'Find',
    'member' => 'Member',
    'size' => 'Size',
    'none' => 'Nobody has joined yet. Give people the join code.',
    'none_found' => 'No member has that name.',
    'count' => ':count quilt|:count quilts',
    'cell' => ':done of :total',
    'top' => 'Top',
    'top_count' => ':done of :count',
    'grid' => 'How far each member is in each :clue',
];
