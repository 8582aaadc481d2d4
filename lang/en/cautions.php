<?php

declare(strict_types=1);

return [
    'title' => 'Take care',
    'cutter' => 'Close the blade every time it leaves your hand. Cut away from you, no more than two to four layers, fingers behind the '
        .'edge of the ruler.',
    'iron' => 'The iron is hotter than it looks. Lift it, stand it on its heel, and pull the plug when you are done.',
    'marker' => 'Lines that vanish under the iron can come back in the cold. Test first.',
    'needle' => 'Take pins out before the foot reaches them. A needle that hits one can shatter: wear glasses.',
    'spray' => 'Use spray adhesive and starch outdoors or by an open window, away from any flame.',
    'ink' => 'Ink that vanishes under the iron can come back in the cold. Test it on a scrap.',
    'bleeding' => 'Red and blue cloth can lose colour. Test a scrap in warm water; cloth that darkens under the iron recovers as it cools.',
    'circuits' => 'Irons and machines share circuits. Ask the venue what its circuits carry and follow the local electrical rules; only a '
        .'licensed electrician decides.',
    'leads' => 'Keep leads off the floor where people walk.',
];
