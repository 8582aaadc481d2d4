<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Design\DesignDocument;
use Dew\Core\Design\DesignFormat;
use Dew\Core\Measure\Notation;

/** The design that somebody begins with who has nothing yet: three fabrics, two sizes, and a place for the first block. */
final class BlankDesign
{
    /**
     * @param  string  $id  of the design
     * @param  string|null  $seam  the seam allowance, as a document writes it; null for the usual one
     * @param  array{background: string, main: string, accent: string, colourway: string, small: string, large: string}  $names  in the
     *     host's language
     * @param  Notation  $notation  what it is drawn in: in centimetres an allowance is usually 0.75 cm, and cloth is 106 cm wide to cut from
     */
    public static function of(string $id, string $title, ?string $seam, array $names, Notation $notation = Notation::Fractions): DesignDocument
    {
        $isMetric = $notation === Notation::Centimetres;

        return DesignDocument::of([
            'dew' => DesignFormat::VERSION,
            'id' => $id,
            'title' => $title,
            'seam' => $seam ?? ($isMetric ? '0.75 cm' : '1/4'),
            ...$isMetric ? ['usable_width' => '106 cm'] : [],
            'fabrics' => [
                ['id' => 'f-a', 'letter' => 'A', 'name' => $names['background'], 'value' => 'light'],
                ['id' => 'f-b', 'letter' => 'B', 'name' => $names['main'], 'value' => 'dark'],
                ['id' => 'f-c', 'letter' => 'C', 'name' => $names['accent'], 'value' => 'medium'],
            ],
            'colourways' => [['id' => 'c-first', 'name' => $names['colourway'], 'cloth' => [
                'f-a' => ['name' => $names['background'], 'colour' => '#f1ebdc'],
                'f-b' => ['name' => $names['main'], 'colour' => '#2f5560'],
                'f-c' => ['name' => $names['accent'], 'colour' => '#c98a3c'],
            ]]],
            'units' => [],
            'blocks' => [],
            'setting' => ['kind' => 'straight', 'pattern' => [[null]]],
            'sizes' => [
                ['id' => 's-small', 'name' => $names['small'], 'columns' => 3, 'rows' => 4],
                ['id' => 's-large', 'name' => $names['large'], 'columns' => 5, 'rows' => 6],
            ],
            'clues' => [],
        ]);
    }
}
