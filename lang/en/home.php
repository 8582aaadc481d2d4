<?php

declare(strict_types=1);

return [
    'left' => 'You left “:name” of :quilt_along. For :hours h more you can bring it back with all that you counted.',
    'bring_back' => 'Bring it back',
    'title' => 'Your quilt-alongs',
    'hosted' => 'You host',
    'making' => 'You make',
    'none' => 'You are not in a quilt-along yet. Join one with the code your host gave you.',
    'join' => 'Join with a code',
    'role' => ['owner' => 'owner', 'helper' => 'helper', 'member' => 'member'],
    'sorts' => [
        'secret' => 'Mystery', 'weekly' => 'week by week', 'two-weekly' => 'every two weeks', 'monthly' => 'month by month',
        'quilted_by_block' => 'quilt as you go', 'many_hands' => 'one quilt by many hands',
    ],
    'start' => 'Start a quilt-along',
];
