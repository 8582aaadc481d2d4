<?php

declare(strict_types=1);

return [
    'title' => 'Quilt-alongs, computed to the eighth',
    'lead' => 'The host describes the quilt once. Members get their own numbers, clue by clue, at the hour of release.',
    'host' => 'For hosts',
    'host_text' => 'One design, every size and method. Set the hour a clue opens and see how far everyone is.',
    'host_picture' => 'A board with the clues of a quilt-along: when each opens, and how many members have begun it.',
    'member_picture' => 'A clue: how many to make, the number to trim to, the steps and the counters.',
    'member' => 'For members',
    'member_text' => 'Only your size, your way of making, your count. The number to trim to is the largest thing on the page.',
    'demo' => 'Demonstration sign-ins',
    'demo_text' => 'This copy runs on demo data. Sign in with one of these; the password of all is :password.',
];
