<?php

declare(strict_types=1);

return [
    'may_not_edit' => 'You may look at the design and not change it. Ask the owner of the quilt-along.',
    'owner_only' => 'Only an owner of this quilt-along can do that. Ask one.',
    'not_found' => 'There is nothing at this address.',
    'not_found_hint' => 'Check the address, or go back to your quilt-alongs.',
    'unreadable' => 'That could not be read.',
    'unreadable_hint' => 'It contains characters that aren’t text. Type it again and send it.',
    'forbidden' => 'That is not yours to do.',
    'expired' => 'This page has lain open too long.',
    'expired_hint' => 'Go back, reload it and send it again. What you typed is still there.',
    'too_large' => 'That is more than can be taken at once.',
    'too_large_hint' => 'Files of up to 20 MB are possible. Go back: what you typed is still there.',
    'too_many' => 'That was too often in a short time.',
    'too_many_hint' => 'Wait a minute, then go on.',
    'broken' => 'Something broke on our side.',
    'broken_hint' => 'Nothing you saved is lost. Try again in a moment.',
    'back' => 'Go to your quilt-alongs',
    'maintenance' => 'Dew is being looked after and will be back in a moment.',
    'may_not_test' => 'Only testers leave remarks. Ask the owner to make you one.',
];
