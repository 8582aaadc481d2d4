<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Support\Kept;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Proof\Touching;
use InvalidArgumentException;

/** Which fabrics touch which within the blocks of a draft, and where two that touch are too close in value in some colourway. */
final readonly class Meetings
{
    /**
     * @param  list<array{string, string, float}>  $pairs  two fabrics that touch, and the inches along which they do in one of every block
     * @param  list<array{colourway: string, one: string, other: string, difference: float}>  $close
     */
    private function __construct(
        public array $pairs,
        public array $close,
    ) {
    }

    public static function of(DraftDocument $document): self
    {
        $drawn = new DraftDocument(['clues' => [], 'title' => 'x', 'colourways' => []] + $document->value);
        $pairs = Kept::Meetings->remember([$drawn->document()->text], fn (): array => self::pairs($document));

        return new self($pairs, self::close($document, $pairs));
    }

    /** @return list<array{string, string, float}> the longest first */
    private static function pairs(DraftDocument $document): array
    {
        try {
            return Touching::in(DesignReader::stored($document->document()->text));
        } catch (DocumentException|InvalidArgumentException|MeasureException) {
            return [];
        }
    }

    /**
     * @param  list<array{string, string, float}>  $pairs
     * @return list<array{colourway: string, one: string, other: string, difference: float}>
     */
    private static function close(DraftDocument $document, array $pairs): array
    {
        $close = [];
        foreach ($document->items(Place::of('colourways')) as $colourway) {
            $palette = Palette::of($document, (string) Place::idOf($colourway));
            $lightness = array_map(fn (array $fabric): float => (new Cloth('', $fabric['colour']))->lightness(), $palette->fabrics);
            foreach ($pairs as [$one, $other]) {
                $difference = abs(($lightness[$one] ?? 0.0) - ($lightness[$other] ?? 100.0));
                if ($difference < Cloth::ALIKE) {
                    $close[] = [
                        'colourway' => is_string($colourway['name'] ?? null) ? $colourway['name'] : '',
                        'one' => $palette->name($one),
                        'other' => $palette->name($other),
                        'difference' => round($difference, 1),
                    ];
                }
            }
        }

        return $close;
    }
}
