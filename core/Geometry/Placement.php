<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Encoded;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Size;

/**
 * A block at its place in the quilt, or what lies in a block at its place there: where its top left corner lies, in finished inches from
 * the top left corner of what is around it, and the degrees it is turned clockwise about that corner. On point that is 45°, and the corner
 * is the topmost one.
 */
final readonly class Placement implements Encoded
{
    public function __construct(
        public string $product,
        public Length $x,
        public Length $y,
        public int $turn = 0,
    ) {
    }

    /**
     * Patches of the product as they lie there; it is turned by quarters or by sixths of the circle about its top left corner.
     *
     * @param  list<Patch>  $patches  of the product, upright
     * @return list<Patch>
     */
    public function lay(array $patches): array
    {
        $turn = $this->turn % 90 === 0 ? Orientation::of($this->turn) : null;
        // About its corner: within a square of no size.
        $nothing = Size::square(Length::zero());

        return array_map(fn (Patch $patch): Patch => ($turn === null
            ? SixthTurn::patch($patch, intdiv($this->turn, 60))
            : $patch->oriented($turn, $nothing))->movedBy($this->x, $this->y), $patches);
    }

    /**
     * The upright box of a product that is turned by quarters. What is turned otherwise is taken as not turned.
     *
     * @param  Size  $finished  of the product, upright
     */
    public function rectangle(Size $finished): Outline
    {
        // A quarter turn about the top left corner brings a product to lie to the left of it, or above.
        [$x, $y, $size] = match ((($this->turn % 360) + 360) % 360) {
            90 => [$this->x->minus($finished->height), $this->y, $finished->turned()],
            180 => [$this->x->minus($finished->width), $this->y->minus($finished->height), $finished],
            270 => [$this->x, $this->y->minus($finished->width), $finished->turned()],
            default => [$this->x, $this->y, $finished],
        };

        return Outline::rectangle($x, $y, $size);
    }

    public function encode(): string
    {
        return implode(' ', [$this->product, $this->x->encode(), $this->y->encode(), $this->turn]);
    }

    /** @throws MeasureException */
    public static function decode(string $code): self
    {
        [$product, $x, $y, $turn] = explode(' ', $code) + ['', '', '', ''];

        return new self($product, Length::decode($x), Length::decode($y), (int) $turn);
    }

    /**
     * @return list<self>
     *
     * @throws DocumentException
     */
    public static function list(Node $texts): array
    {
        return $texts->once('placements', fn (): array => array_map(self::decode(...), $texts->texts()));
    }
}
