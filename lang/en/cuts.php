<?php

declare(strict_types=1);

return [
    'strip' => 'Cut :count strip :height wide across :width of the cloth.|Cut :count strips :height wide across :width of the cloth.',
    'lengthwise' => 'Cut :count strip :height wide along :width of the cloth.|Cut :count strips :height wide along :width of the cloth.',
    'narrower' => 'Cut the next :width of it into strips.',
    'narrower_end' => 'Cut what is left of it, :width, into strips.',
    'narrow_strip' => ':count strip :height wide|:count strips :height wide',
    'run' => ':count :shape, :size',
    'whole' => 'the whole strip',
    'part' => 'strip|strips',
    'turned' => 'laid on their side',
    'by' => ':height by :length',
    'left' => 'Left: :remnants.',
    'nothing_left' => 'Nothing is left.',
    'more_left' => 'and :count smaller',
    'takes' => ':length of cloth :width wide',
    'from' => 'from :cloth',
    'cloth' => [
        'yardage' => 'yardage of :width by :length',
        'fat-quarter' => 'a fat quarter (:width by :length can be used)',
        'fat-eighth' => 'a fat eighth (:width by :length can be used)',
        'square' => 'a square of :width',
        'strip' => 'a strip of :width by :length',
        'scrap' => 'a scrap of :width by :length',
        'rest' => 'what was left, :width by :length',
        'bolt' => 'cloth off the bolt, :width wide',
    ],
    'corner' => [
        'right' => ', its missing corner (:width across, :length along) at the lower right',
        'left' => ', its missing corner (:width across, :length along) at the lower left',
    ],
    'bound' => 'This plan takes :length; no plan of strips takes less than :bound, and the pieces alone would fill :area.',
    'aims' => 'Least cloth: :cloth, with the ruler set :cloth_settings. Fewest settings: :cuts, set :cuts_settings.',
    'times' => 'once|:count times',
    'short' => 'Short: :pieces. They take :length more of cloth :width wide.',
    'too_wide' => 'Wider than the cloth: :pieces. They need wider cloth or joined strips.',
    'sets' => 'Strip sets are made across :width, as that suits this cloth best.',
    'nothing' => 'Nothing is cut in this clue.',
];
