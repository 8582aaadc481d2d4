<?php

declare(strict_types=1);

return [
    'where' => 'Where it is used',
    'need' => 'For the open :clues',
    'need_text' => ':length of a bolt (:sold)',
    'about' => 'about :sold of cloth',
    'what_fits' => 'What would fit?',
    'fits_title' => 'What would fit: :fabric',
    'fits_none' => 'Nothing that Dew can change makes it enough: no other method, no smaller size, no wider cloth. It needs the cloth named above.',
    'fits_enough' => 'What you have is enough already.',
    'need_none' => 'nothing yet',
    'whole' => 'For the whole quilt, announced',
    'sold' => ['yards' => ":number\u{a0}yd", 'metres' => ":number\u{a0}m"],
    'used' => 'Cut so far',
    'used_of' => ':cut of :count piece|:cut of :count pieces',
    'enough' => 'Enough for what is open.',
    'enough_left' => 'Enough for what is open. Left then: :left.',
    'short' => 'Short: :pieces.',
    'buy' => 'They take :length more of cloth :width wide: buy :sold.',
    'buy_or' => 'They take :length more of cloth :width wide: buy :sold, or 1 fat quarter.'
        .'|They take :length more of cloth :width wide: buy :sold, or :count fat quarters.',
    'too_wide' => 'Your cloth is narrower than these pieces: they need wider cloth.',
    'short_top' => 'Short for what is open:',
    'unsaid' => 'Enter what you have to see whether it is enough.',
    'plan' => 'Cutting plan of :clue',
    'remedy' => [
        'aim' => 'It would be enough with the plan that takes the least cloth.',
        'method' => 'It would be enough if you made “:task” this way: :method.',
        'exact' => 'It would be enough if you cut “:task” exactly instead of larger.',
        'width' => 'It would be enough if your cloth were :width wide: measure it.',
        'sets' => 'It would be enough if strip sets of “:clue” were made across :width.',
        'size' => 'It would be enough for the size “:size”.',
        'turn' => 'It would be enough if pieces could be turned either way on the cloth.',
        'margin' => 'It would be enough without a margin around the pieces.',
    ],
];
