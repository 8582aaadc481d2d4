<?php

declare(strict_types=1);

return [
    'warmed' => ':count sheet compiled.|:count sheets compiled.',
    'releases_moved' => ':count release moved to the hour that was promised.|:count releases moved to the hour that was promised.',
    'host_made' => ':name is at :address.',
    'join_code' => 'Its join code is :code.',
    'choose_password' => 'Its owner chooses her password within an hour at :address',
    'pruned' => ':count sheet taken out.|:count sheets taken out.',
    'no_file' => 'There is no file :file to read.',
    'too_large' => ':file is :bytes bytes; the most is :most.',
    'no_method' => 'There is no method ":method". The methods are: :methods.',
    'cannot_write' => ':file cannot be written.',
    'no_bench' => 'There are these benchmarks: dew:bench core, dew:bench publish.',
    'bench' => [
        'design' => 'Design',
        'read' => 'Read',
        'compile' => 'Compile',
        'write' => 'Write',
        'range' => 'Compile, ms',
        'memory' => 'Memory',
        'sheets' => 'Sheets',
        'publish' => 'Publish',
        'peak' => 'Peak memory',
        'count' => 'Number',
    ],
    'bench_reference' => 'A fixed loop of a million steps of plain PHP takes :time on this machine now.',
    'written' => 'Written to :file.',
    'effort' => ':seams seams, :length of them, about :minutes minutes at the rates in docs/architecture.md; :around round the outside',
    'quilting' => [
        'front' => 'Quilted block, front',
        'batting' => 'its batting',
        'back' => 'its back',
        'strip' => 'strip as it shows',
        'outer' => 'strip at the edge',
        'clear' => 'points stay from the edge',
    ],
    'no_kind' => 'There is no kind of unit ":kind". The kinds are: :kinds.',
    'no_unit' => 'There is no unit ":unit". Its units are: :units.',
    'no_block' => 'There is no block ":block". Its blocks are: :blocks.',
    'no_clue' => 'There is no clue ":clue". Its clues are: :clues.',
    'no_unit_from' => 'No unit comes from that: the piece ":piece" does not grow with its unit, or the cut is too small.',
    'unit_from' => 'From :cut for ":piece" the unit comes out :width by :height unfinished. Trim it to :trim_width by :trim_height; '
        .'it finishes :finished_width by :finished_height.',
];
