<?php

declare(strict_types=1);

return [
    'title' => 'Post tray',
    'intro' => 'This demonstration sends no mail. What it would have sent is shown here for its addressee.',
    'for' => 'For :address',
    'ask' => 'Whose post?',
    'open' => 'Open the tray',
    'empty' => 'The tray is empty.',
    'sign_in' => 'Sign in to read your post.',
    'back' => 'Back to the tray',
];
