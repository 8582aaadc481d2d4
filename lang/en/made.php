<?php

declare(strict_types=1);

return [
    'title' => 'Calculating',
    'print' => 'Making your print',
    'page' => 'Calculating',
    'wait' => 'This takes a moment. It is shown here as soon as it is ready.',
    'failed' => 'It could not be made',
    'failed_hint' => 'It took too long, or was cut off. Nothing that you entered is lost.',
    'again' => 'Try again',
    'back' => 'Back to where you were',
];
