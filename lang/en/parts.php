<?php

declare(strict_types=1);

/** Parts of the setting, with the name that the design gives them or that of their fabric. */
return [
    'sashes' => 'Sashes (:name)',
    'level-sashes' => 'Level sashes (:name)',
    'row-sashes' => 'Sashes between rows (:name)',
    'cornerstones' => 'Cornerstones (:name)',
    'half-cornerstones' => 'Half cornerstones (:name)',
    'side-triangles' => 'Side triangles (:name)',
    'corner-triangles' => 'Corner triangles (:name)',
    'fill-triangles' => 'Filling triangles (:name)',
    'row-ends' => 'Row ends (:name)',
    'mirrored-row-ends' => 'Mirrored row ends (:name)',
    'border' => 'Border (:name)',
    'unnamed_border' => 'the border',
    'border-corners' => 'Corners of a border (:name)',
];
