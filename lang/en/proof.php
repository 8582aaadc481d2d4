<?php

declare(strict_types=1);

return [
    'severity' => ['error' => 'Error', 'warning' => 'Warning', 'note' => 'Note'],
    'clean' => 'Nothing to mark.',
    'count' => ':errors errors, :warnings warnings, :notes notes',
    'too-wide' => 'Choose a smaller size or wider cloth: :unit needs a piece of :cut, and the cloth is :usable wide.',
    'unused-fabric' => 'Use :fabric or take it out: no unit and no border is cut from it.',
    'unused-unit' => 'Lay :unit into a block or take it out: no block has it.',
    'unmade-unit' => 'Give :unit to a clue: blocks need it and no clue makes it.',
    'off-mark' => 'Change the size of :unit, or cut oversize and trim: a piece of :exact does not lie on a sixteenth; the nearest mark is :mark.',
    'look-alike' => 'Label the strips: in :fabric, :wider (for :unit) and :narrower (for :other) are easily mixed up.',
    'bias-outside' => 'Starch, or choose another method: :edges edges of :unit lie on the bias.',
    'wasteful-yield' => 'Choose a method of smaller yield: :unit at size :size is needed :needed times, and :spares more come out.',
];
