<?php

declare(strict_types=1);

return [
    'title' => ':name, :clue: templates',
    'print' => 'Print the templates (PDF)',
    'papers' => 'Templates for this :clue at true size:',
    'letter' => 'Letter paper',
    'a4' => 'A4 paper',
    'cut' => 'Cut :count from :letter, :fabric.',
    'mirrored' => 'Mirrored: cut it this way up from cloth that lies face up.',
    'one_way' => 'Cut it this way up: cloth face up, in one layer.',
    'later' => 'Trim to the inner line once its seam is sewn.',
    'true_size' => 'Print at 100 %, without scaling, and measure both squares before you cut.',
    'lines' => 'Solid: cut. Arrow: along the grain.',
    'lines_sewn' => 'Solid: cut. Dashed: sew. Arrow: along the grain.',
    'page' => 'Page :number of :of.',
    'part' => '(part: column :column of :columns, row :row of :rows; lay the crosses on each other)',
    'inch' => '1 in',
    'centimetres' => '2 cm',
    'none' => 'Nothing in this clue is cut round a template.',
];
