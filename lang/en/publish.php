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
    'one_at_a_time' => 'You have sent a version to be published that is not published yet. Wait until it is, or undo it.',
    'ten_seconds' => 'It begins after ten seconds in which you can undo it.',
    'begins' => 'The draft is published in # s.',
    'begun' => 'Publishing begins.',
    'waiting' => 'Waiting for its turn to be published.',
    'checking' => 'Publishing: checking the design.',
    'size_of' => 'Publishing: size :number of :of.',
    'effect' => '{0} Nobody makes this quilt yet.|{1} One person makes this quilt and reads the new version from then on.|[2,*] :count people '
        .'make this quilt and read the new version from then on.',
    'effect_open' => '{1} What you say is wrong in clue :numbers is told to everybody who has it open.|[2,*] What you say is wrong in clues '
        .':numbers is told to everybody who has them open.',
    'meanwhile_hint' => 'You can close this page: publishing goes on. Until it is done, everybody reads the version before.',
    'undone' => 'Nothing was published. The draft is as it was.',
    'too_late' => 'It cannot be undone any more: publishing has begun.',
    'not_published' => 'The last attempt was not published.',
    'cut_off' => 'Publishing was cut off before it was done, and everybody reads the version before. Publish again; if it happens again, '
        .'the design may be too large to work out in 15 minutes.',
];
