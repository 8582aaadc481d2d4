<?php

declare(strict_types=1);

return [
    'title' => 'Quilt-alongs, computed to the eighth',
    'lead' => 'The host describes the quilt once. Every member gets her own numbers, clue by clue, at the hour of release.',
    'host' => 'For hosts',
    'host_text' => 'One design, every size and method. Set the hour a clue opens and see who stands where.',
    'member' => 'For members',
    'member_text' => 'Only your size, your way of making, your count. The number to trim to is the largest thing on the page.',
    'demo' => 'Demonstration sign-ins',
    'demo_text' => 'This copy runs on demo data. Sign in with one of these; the password of all is :password.',
];
