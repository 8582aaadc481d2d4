<?php

declare(strict_types=1);

return [
    'fabric' => 'Fabric',
    'by_clue' => 'Clue by clue',
    'exact' => 'Exactly',
    'allowed' => 'With allowance',
    'buy' => 'Buy (:unit)',
    'covers' => 'For every method',
    'mystery' => 'For a mystery',
    'yards' => 'yards',
    'metres' => 'metres',
    'binding' => 'Binding: :strips strips {2½ in; 6.4 cm} wide, :length of cloth.',
    'back_upright' => 'Back: :width by :height, one width of cloth; buy :buy :unit.'
        .'|Back: :width by :height, :count widths of cloth with upright seams; buy :buy :unit.',
    'back_level' => 'Back: :width by :height, one width of cloth laid across; buy :buy :unit.'
        .'|Back: :width by :height, :count widths of cloth with level seams; buy :buy :unit.',
    'batting' => 'Batting: at least :width by :height.',
];
