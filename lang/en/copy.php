<?php

declare(strict_types=1);

return [
    'title' => 'Take out your copy of the pattern',
    'why' => 'This quilt-along goes with a pattern that you have bought. :host asks for a word from it, once.',
    'word' => 'The word',
    'go' => 'Go on',
    'another' => 'That is a different word. Check the place again in your own copy.',
    'first' => 'Read the word in your own copy of the pattern first.',
];
