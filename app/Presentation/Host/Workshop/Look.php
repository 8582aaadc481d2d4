<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Drawing\Picture;
use App\Drawing\Shape;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Unit\Kind\GivenUnit;
use Dew\Core\Unit\Unit;

/** What a unit or block looks like at its finished size, its fabrics still to be put in; in hundredths of an inch. */
final readonly class Look
{
    /** What stands before the hash of a picture, where that takes the place of a fabric. */
    public const PICTURE = 'picture:';

    private const LETTER = 0.36;

    private const LARGEST_LETTER = 0.9;

    /** Pixels below which a letter cannot be read. */
    private const SMALLEST = 5.0;

    /**
     * @param  list<array{path: string, slot: string}>  $patches
     * @param  list<array{slot: string, x: float, y: float, size: float}>  $letters  where each patch has its fabric's letter
     */
    private function __construct(
        public float $width,
        public float $height,
        public array $patches,
        public array $letters,
    ) {
    }

    /** @param  string|null  $picture  hash of the picture of a unit whose outlines are not known */
    public static function of(Unit $unit, ?string $picture = null): self
    {
        $patches = $unit->patches();
        if ($picture !== null && $unit instanceof GivenUnit) {
            $patches = [new Patch(self::PICTURE.$picture, $unit->outline())];
        }

        return new self(
            $unit->finished()->width->toFloat() * Picture::PER_INCH,
            $unit->finished()->height->toFloat() * Picture::PER_INCH,
            array_map(fn (Patch $patch): array => ['path' => Shape::path($patch->outline), 'slot' => $patch->slot], $patches),
            $picture !== null && $unit instanceof GivenUnit ? [] : array_map(self::letter(...), $patches),
        );
    }

    /**
     * The drawing as SVG. It is put together here and not by a component, because a shelf may hold hundreds.
     *
     * @param  int  $side  pixels of its longer side
     * @param  string|null  $label  for those who do not see it; null where words stand beside it
     * @param  list<string>|null  $numbered  fabrics for a drawing whose fabrics are numbers
     */
    public function svg(Palette $palette, int $side, bool $letters = true, ?string $label = null, ?array $numbered = null): string
    {
        $scale = $side / max($this->width, $this->height, 1.0);
        $fabric = fn (string $slot): string => (string) ($numbered[(int) substr($slot, 2) - 1] ?? $slot);
        $svg = sprintf(
            '<svg class="look" viewBox="-3 -3 %s %s" width="%d" height="%d" %s>',
            $this->width + 6,
            $this->height + 6,
            round($this->width * $scale),
            round($this->height * $scale),
            $label === null ? 'aria-hidden="true"' : 'role="img" aria-label="'.e($label).'"',
        );
        foreach ($this->patches as $patch) {
            $svg .= sprintf('<path class="cloth" d="%s" fill="%s"/>', $patch['path'], $palette->paint($fabric($patch['slot'])));
        }
        foreach ($letters ? $this->letters : [] as $letter) {
            if ($letter['size'] * $scale > self::SMALLEST) {
                $svg .= sprintf(
                    '<text x="%s" y="%s" font-size="%s" fill="%s" text-anchor="middle" dominant-baseline="central" aria-hidden="true">%s</text>',
                    $letter['x'],
                    $letter['y'],
                    $letter['size'],
                    $palette->ink($fabric($letter['slot'])),
                    e($palette->letter($fabric($letter['slot']))),
                );
            }
        }

        return $svg.'</svg>';
    }

    /** @return array{slot: string, x: float, y: float, size: float} */
    private static function letter(Patch $patch): array
    {
        $across = array_map(fn (Point $corner): float => $corner->x->toFloat(), $patch->outline->corners);
        $down = array_map(fn (Point $corner): float => $corner->y->toFloat(), $patch->outline->corners);
        $span = fn (array $values): float => $values === [] ? 0.0 : max($values) - min($values);
        $size = min($span($across), $span($down)) * self::LETTER;

        return [
            'slot' => $patch->slot,
            'x' => round(array_sum($across) / max(1, count($across)) * Picture::PER_INCH, 1),
            'y' => round(array_sum($down) / max(1, count($down)) * Picture::PER_INCH, 1),
            'size' => round(min($size, self::LARGEST_LETTER) * Picture::PER_INCH, 1),
        ];
    }
}
