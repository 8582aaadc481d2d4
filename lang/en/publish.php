<?php

declare(strict_types=1);

return [
    'size_gone' => 'Keep the size “:size”: :count quilt is made in it.|Keep the size “:size”: :count quilts are made in it.',
    'colourway_gone' => 'Keep the colourway “:colourway”: :count quilt is made in it.|Keep the colourway “:colourway”: :count quilts are '
        .'made in it.',
    'clue_gone' => 'Keep clue :number, “:title”: members have had it open.',
    'clue_moved' => 'Leave clue :number, “:title”, at its place: members have had it open, and it would become clue :to.',
    'unexplained' => 'Say what was wrong in clue :number, “:title”: members have it open, and numbers in it change.',
    'meanwhile' => 'Somebody published another version meanwhile. Look at what changes once more, then publish.',
];
