<?php

declare(strict_types=1);

return [
    'name' => 'Pieces of your own',
    'methods' => [
        'pieces' => [
            'name' => 'As the pattern says',
            'hint' => 'The pieces of the pattern, by size or by template.',
            'batches' => ':count unit|:count units',
        ],
    ],
    'steps' => [
        'cut_templates' => 'Cut round the templates, which hold the seam allowance.',
        'cut_notched' => 'Cut round the templates, which hold the seam allowance. Clip each notch at most :deep deep.',
        'cut' => 'Cut the other pieces by their sizes.',
        'cut_given' => 'Cut the pieces by the sizes that the pattern gives.',
        'mark' => 'Mark on the back where seams stop: :seam from both edges of a corner.',
        'sew' => 'Sew as the pattern says, with a :seam seam.',
        'press' => 'Press each seam to the side where it lies flatter, and before another one crosses it.',
        'baste' => 'Lay :first and :second right sides together and baste their notches together by machine. Only then ease what '
            .'lies between.',
        'seam' => 'Seam :number: sew :first to :second with a :seam seam.',
        'trim_inner' => 'Trim the inner allowance of this seam, so that the curve lies flat.',
        'press_open' => 'Press this seam open.',
        'press_toward' => 'Press this seam to :toward.',
        'press_seam' => 'Press this seam to the side where it lies flatter.',
        'trim_spare' => 'Press the template onto :piece again and trim its outer edge by it, so that :seam is left beyond the '
            .'finished line.',
        'check_section' => 'Compare the section with the drawing before you put it in its bag.',
    ],
];
