<?php

declare(strict_types=1);

return [
    'lists' => [
        'fabrics' => 'Fabric “:name”', 'colourways' => 'Colourway “:name”', 'units' => 'Unit “:name”', 'blocks' => 'Block “:name”',
        'sizes' => 'Size “:name”', 'clues' => 'Clue “:name”',
    ],
    'parts' => [
        'title' => 'title', 'seam' => 'seam allowance', 'setting' => 'Setting', 'pattern' => 'how blocks are arranged', 'borders' => 'borders',
        'sashing' => 'sashing', 'finished' => 'finished size', 'fabrics' => 'fabrics', 'columns' => 'columns', 'rows' => 'rows',
        'cells' => 'places', 'cloth' => 'cloth', 'colour' => 'colour', 'tasks' => 'tasks', 'units' => 'Units', 'blocks' => 'Blocks',
        'sizes' => 'Sizes', 'clues' => 'Clues', 'colourways' => 'Colourways', 'introduction' => 'opening', 'usable_width' => 'usable width',
    ],
    'nothing' => 'nothing',
    'empty' => 'empty',
    'yes' => 'yes',
    'no' => 'no',
    'cell' => 'column :column, row :row',
    'added' => ':what is new.',
    'removed' => ':what is gone.',
    'changed' => ':what, :part: was :was, is :is.',
    'changed_whole' => ':what: was :was, is :is.',
    'order' => ':what: the order was :was, is :is.',
    'finished' => 'At size :size the quilt finished :was, and finishes :is.',
    'count' => 'At size :size, :name: :was were needed, :is are.',
    'same' => 'Nothing changed.',
];
