<?php

declare(strict_types=1);

return [
    'title' => 'This quilt',
    'name' => 'Name',
    'size' => 'Size',
    'colourway' => 'Colours',
    'notation' => 'Show lengths as',
    'usable_width' => 'Usable width of your cloth',
    'usable_width_hint' => 'Once the selvedges are off: 40 in, 41 1/2, 106 cm. Leave it empty for :usual.',
    'width_bounds' => 'Enter a width between :least and :most.',
    'save' => 'Save',
    'saved' => 'Saved. Every number now follows.',
    'size_note' => 'When the size changes, what you have counted stays as far as it fits; the rest is spare.',
];
