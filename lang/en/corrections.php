<?php

declare(strict_types=1);

return [
    'title' => ':Clue :number was corrected',
    'of_title' => ':Clue :number, “:title”, was corrected',
    'when' => 'on :when',
    'what' => 'What changed for you',
    'to_do' => 'What to do',
    'open' => 'Go there',
    'mark_read' => 'I have read this',
    'read' => 'Read',
    'new_here' => 'Corrected',

    'by_upgrade' => 'Dew was updated, and a number in this clue has been corrected. What changed for your quilt is below.',

    'changes' => [
        'title' => 'The title was “:was” and is “:is”.',
        'opening' => 'The opening words have changed.',
        'words' => 'Other words have changed.',
        'chore' => ':name: to do :is times, not :was.',
        'minutes' => 'It was announced with :was minutes and takes about :is.',
        'name' => '“:was” is called “:is” now.',
        'new' => 'Also make :is of :name.',
        'gone' => ':name is no longer made here.',
        'count' => ':name: make :is, not :was.',
        'method' => ':name: made by “:is”, not by “:was”.',
        'finished' => ':name finishes :is, not :was.',
        'unfinished' => ':name measures :is unfinished, not :was.',
        'cloth' => ':name: sewn from fabrics :is, not :was.',
        'press' => ':name: :is of its seams go the other way. What you have already pressed can stay: enter it at the task, and the rest '
            .'is planned around it.',
        'patches' => ':name looks different: compare its drawing.',
        'steps' => 'One step of :name has changed.|:is steps of :name have changed.',
        'cut' => ':name: cut :is, not :was.',
        'cut-of' => ':name: cut the pieces of :fabric :is, not :was.',
        'quantity' => ':name: cut :is pieces, not :was.',
        'quantity-of' => ':name: cut :is piece of :fabric, :size, not :was.|:name: cut :is pieces of :fabric, :size, not :was.',
        'piece-cloth' => ':name: cut from fabric :is, not :was.',
        'piece-cloth-of' => ':name: cut the pieces of :size from fabric :is, not :was.',
        'piece-shape' => ':name: cut as a :is, not as a :was.',
        'piece-shape-of' => ':name: cut the pieces of :fabric, :size, as a :is, not as a :was.',
        'new-piece' => ':name: also cut :count, :is.',
        'new-piece-of' => ':name: also cut :count of :fabric, :is.',
        'gone-piece' => ':name: no longer cut the pieces of :was.',
        'gone-piece-of' => ':name: no longer cut the pieces of :fabric, :was.',
    ],

    'advice' => [
        'untouched' => 'You had not started this :clue. The sheet shows the new numbers: there is nothing to fix.',
        'uncut' => 'You had not cut for it yet. The sheet shows the new numbers: there is nothing to fix.',
        'nothing' => 'What you had cut and made is right as it is.',
        'made-kept' => 'The one you have made of :name is right as it is.|The :count you have made of :name are right as they are.',
        'made-trim' => 'Trim the one you have made of :name to :size.|Trim the :count you have made of :name to :size.',
        'made-anew' => 'The one you have made of :name no longer fits: make it again. It stays counted as made to the earlier '
            .'numbers.'
            .'|The :count you have made of :name no longer fit: make them again. They stay counted as made to the earlier numbers.',
        'count_again' => 'Count them again: the counter starts over with the new numbers.',
        'strip' => 'Or, where the pattern allows it, sew a coping strip cut :width wide to all four sides of each.',
        'made-more' => 'Make one more of :name.|Make :count more of :name.',
        'made-spare' => 'One of :name is spare: keep it for the back.|:count of :name are spare: keep them for the back.',
        'cut-kept' => 'The piece of :fabric you have cut for :name is right as it is.|The :count pieces of :fabric you have cut for :name '
            .'are right as they are.',
        'cut-trim' => 'Trim the piece of :fabric you have cut for :name to :size.|Trim the :count pieces of :fabric you have cut for '
            .':name to :size.',
        'cut-anew' => 'The piece of :fabric you have cut for :name cannot be used: cut a new one.|The :count pieces of :fabric you have '
            .'cut for :name cannot be used: '
            .'cut as many new ones.',
        'cut-more' => 'Cut one more piece of :fabric for :name.|Cut :count more pieces of :fabric for :name.',
        'cut-spare' => 'One piece of :fabric cut for :name is spare.|:count pieces of :fabric cut for :name are spare.',
        'size' => 'They measure :size.',
        'cloth' => 'That takes one strip :width wide, :length of fabric :fabric.|That takes :count strips :width wide, :length of fabric '
            .':fabric.',
    ],

    // For the host.
    'host' => [
        'lead' => 'Members have :clue :number, “:title”, open, and its words will change. Write in a sentence or two what was wrong; '
            .'each '
            .'of them reads it with what it means for what they have cut and made.',
        'words_lead' => 'Only words change in :clue :number, “:title”, which members have open. Write what changed, if you want them to be told.',
        'words' => 'What was wrong in :clue :number',
        'at_size' => 'At size :size',
        'more' => 'and one more change|and :count more changes',
        'standing' => 'Of :count quilt it touches|Of :count quilts it touches',
        'stages' => [
            'untouched' => 'not begun: :count', 'uncut' => 'not cut: :count', 'cut' => 'cut: :count', 'made' => 'made: :count',
        ],
        'list' => 'Corrections',
        'seen' => ':seen of :all have read it',
        'by' => 'by :name',
        'stale' => 'Someone changed the draft while you were writing. Check what changes again, then publish.',
    ],
];
