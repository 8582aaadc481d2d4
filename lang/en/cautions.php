<?php

declare(strict_types=1);

return [
    'title' => 'Take care',
    'cutter' => 'Close the blade every time it leaves your hand. Cut away from you, no more than two to four layers, fingers behind the '
        .'edge of the ruler.',
    'iron' => 'The iron is hotter than it looks. Lift it, stand it on its heel, and pull the plug when you are done.',
    'marker' => 'Lines that vanish under the iron can come back in the cold. Test first.',
    'needle' => 'Take pins out before the foot reaches them. A needle that hits one can shatter: wear glasses.',
];
