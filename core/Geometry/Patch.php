<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Encoded;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Size;

/** A drawn area of one fabric, in finished coordinates (inches from the top left corner). */
final readonly class Patch implements Encoded
{
    public function __construct(
        public string $slot,
        public Outline $outline,
    ) {
    }

    public function movedBy(Length $x, Length $y): self
    {
        return new self($this->slot, $this->outline->movedBy($x, $y));
    }

    public function oriented(Orientation $orientation, Size $within): self
    {
        return new self($this->slot, $this->outline->oriented($orientation, $within));
    }

    public function encode(): string
    {
        return $this->slot.'|'.$this->outline->encode();
    }

    /** @throws MeasureException */
    public static function decode(string $code): self
    {
        [$slot, $outline] = explode('|', $code, 2) + [1 => ''];

        return new self($slot, Outline::decode($outline));
    }

    /**
     * @return list<self>
     *
     * @throws DocumentException
     */
    public static function list(Node $texts): array
    {
        return $texts->once('patches', fn (): array => array_map(self::decode(...), $texts->texts()));
    }
}
