<?php

declare(strict_types=1);

namespace Dew\Core\Fabric;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;

/** What stands for a fabric on paper and screen until a member shows her own. */
final readonly class Cloth
{
    /** Two cloths whose lightness differs by less than this look alike from across a room. */
    public const ALIKE = 10.0;

    /**
     * @param  string  $colour `#rrggbb`
     * @param  string|null  $picture  the hash of a photograph of it
     */
    public function __construct(
        public string $name,
        public string $colour,
        public ?string $picture = null,
    ) {
    }

    /** @return array<string, string> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return ['name' => $this->name, 'colour' => $this->colour];
    }

    /**
     * A cloth as a design and its sheets name it; its photograph is kept elsewhere.
     *
     * @throws DocumentException
     */
    public static function fromData(Node $data): self
    {
        return new self($data->get('name')->text(), $data->get('colour')->colour());
    }

    /** What drawings are filled with: the photograph where there is one, by its place in the page, else the colour. */
    public function fill(): string
    {
        return $this->picture === null ? $this->colour : "url(#cloth-$this->picture)";
    }

    /** Where a colourway has a gap: the slot's name and a grey. */
    public static function missing(Slot $slot): self
    {
        return new self($slot->name, '#c9c9c4');
    }

    /** Lightness by CIE L*, from 0 for black to 100 for white; from the sRGB colour, by the CIE formula of 1976. */
    public function lightness(): float
    {
        [$red, $green, $blue] = array_map(function (string $pair): float {
            $share = hexdec($pair) / 255;

            return $share <= 0.04045 ? $share / 12.92 : (($share + 0.055) / 1.055) ** 2.4;
        }, [substr($this->colour, 1, 2), substr($this->colour, 3, 2), substr($this->colour, 5, 2)]);
        $luminance = 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;

        return $luminance > 216 / 24389 ? 116 * $luminance ** (1 / 3) - 16 : $luminance * 24389 / 27;
    }
}
