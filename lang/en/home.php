<?php

declare(strict_types=1);

return [
    'title' => 'Your quilt-alongs',
    'hosted' => 'You host',
    'making' => 'You make',
    'none' => 'You are not in a quilt-along yet. Join one with the code your host gave you.',
    'join' => 'Join with a code',
    'role' => ['owner' => 'owner', 'helper' => 'helper', 'member' => 'member'],
    'kind' => ['mystery' => 'Mystery', 'block-of-the-month' => 'Block of the month', 'group-quilt' => 'Group quilt'],
];
