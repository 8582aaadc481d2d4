<?php

declare(strict_types=1);

return [
    'cut' => 'Cut',
    'unfinished' => 'Unfinished',
    'finished' => 'Finished',
    'nearest' => 'nearest mark; exactly :exactly :unit',
    'in' => 'inches',
    'cm' => 'centimetres',
    'by' => 'by',
    'area' => ['in' => ':number square inches', 'cm' => ':number cm²'],
    'errors' => [
        'blank' => 'Enter a length, such as {4 5/8 in or 11.7 cm; 11.7 cm or 117 mm}.',
        'not_understood' => '“:text” is not a length Dew can read. Write it like {4 5/8 in, 4.625 in or 11.7 cm; 11.7 cm or 117 mm}.',
        'zero_denominator' => '“:text” divides by zero. Check the number below the line.',
        'negative' => '“:text” is below zero. Enter a length of zero or more.',
        'two_units' => '“:text” names two units, :first and :second. Keep one.',
        'too_large' => 'That number is too large to be a length of cloth.',
        'not_representable' => ':what is not a sum of whole fractions, √2 and √3.',
        'by_nothing' => 'A length of zero fits into no other a whole number of times.',
        'not_rational' => 'A length with √2 or √3 in it has no exact fraction; round it to a step first.',
    ],
    'notation' => [
        'in' => 'Inches with fractions',
        'decimal' => 'Inches with decimals',
        'cm' => 'Centimetres',
    ],
];
