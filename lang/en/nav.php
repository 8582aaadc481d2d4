<?php

declare(strict_types=1);

return [
    'skip' => 'Skip to the content',
    'home' => 'All quilt-alongs',
    'account' => 'Account',
    'post' => 'Post tray',
    'join' => 'Join',
    'member' => [
        'label' => 'This quilt',
        'now' => 'Now',
        'clue' => ':Clue',
        'fabrics' => 'Fabrics',
        'bench' => 'Bench',
        'quilt' => 'Settings',
    ],
    'host' => ['label' => 'Quilt-along', 'desk' => 'Desk', 'design' => 'Design', 'clues' => ':Clues', 'people' => 'People', 'hands' => 'Hands', 'kits' => 'Kits'],
    'theme' => 'Light or dark',
];
