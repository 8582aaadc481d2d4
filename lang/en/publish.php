<?php

declare(strict_types=1);

return [
    'size_gone' => 'Keep the size “:size”: :count quilt is made in it.|Keep the size “:size”: :count quilts are made in it.',
    'colourway_gone' => 'Keep the colourway “:colourway”: :count quilt is made in it.|Keep the colourway “:colourway”: :count quilts are '
        .'made in it.',
    'clue_gone' => 'Keep clue :number, “:title”: members have had it open.',
    'clue_moved' => 'Leave clue :number, “:title”, at its place: members have had it open, and it would become clue :to.',
    'unexplained' => 'Write what was wrong in clue :number, “:title”: members have it open, and numbers in it change.',
    'meanwhile' => 'Someone published another version in the meantime. Check what changes again, then publish.',
    'one_at_a_time' => 'A version you sent is still being published. Wait until it is done, or undo it.',
    'ten_seconds' => 'It begins after ten seconds in which you can undo it.',
    'begins' => 'The draft is published in # s.',
    'begun' => 'Publishing begins.',
    'waiting' => 'Waiting for its turn to be published.',
    'checking' => 'Publishing: checking the design.',
    'size_of' => 'Publishing: size :number of :of.',
    'effect' => '{0} Nobody makes this quilt yet.|{1} One person makes this quilt and reads the new version from then on.|[2,*] :count people '
        .'make this quilt and read the new version from then on.',
    'effect_open' => '{1} Everyone who has clue :numbers open is told what you write about it.|[2,*] What you write about clues '
        .':numbers is told to everyone who has them open.',
    'meanwhile_hint' => 'You can close this page: publishing continues. Until it is done, everyone sees the previous version.',
    'undone' => 'Nothing was published. The draft is as it was.',
    'too_late' => 'It can no longer be undone: publishing has begun.',
    'not_published' => 'The last attempt was not published.',
    'cut_off' => 'Publishing was interrupted, and everyone still sees the previous version. Publish again; if it happens again, '
        .'the design may be too large to calculate in 15 minutes.',
];
