<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use InvalidArgumentException;

/** So many equal pieces of cloth that somebody owns for one fabric slot, as she measured them or as such pieces usually are. */
final readonly class Stock
{
    public Length $width;

    public Length $length;

    /**
     * @param  string  $slot  id of the fabric slot it is meant for
     * @param  Length|null  $width  across the cloth, selvedges off; null for what is usual
     * @param  Length|null  $length  along the bolt; null for what is usual
     * @param  int  $count  at least one
     * @param  Size|null  $corner  a missing corner, across the cloth and along the bolt
     * @param  bool  $squared  whether its edge is straight already, so that nothing is lost by squaring it
     * @param  bool  $directional  whether its print must stay upright
     * @param  ZigzagEdge|null  $zigzag  where it was measured, if its edge was cut in a zigzag
     * @param  Length|null  $wovenWidth  usable width of yardage and of strips that nobody measured
     *
     * @throws InvalidArgumentException when a measure is missing that this form of cloth does not have by itself
     */
    public function __construct(
        public string $id,
        public string $slot,
        public StockKind $kind,
        ?Length $width,
        ?Length $length,
        public int $count = 1,
        public ?Size $corner = null,
        public bool $squared = false,
        public bool $directional = false,
        public ?ZigzagEdge $zigzag = null,
        ?Length $wovenWidth = null,
        public string $name = '',
    ) {
        $usual = $kind->usual();
        $woven = $kind === StockKind::Yardage || $kind === StockKind::Strip ? $wovenWidth : null;
        $side = $kind === StockKind::Square ? $width ?? $length : null;
        $this->width = $width ?? $usual->width ?? $woven ?? $side ?? throw self::missing($id, $kind, 'width');
        $this->length = $length ?? $usual->height ?? $side ?? throw self::missing($id, $kind, 'length');
        if (! $this->width->isPositive() || ! $this->length->isPositive()) {
            throw new Refused('cutting.cloth_without_size', ['id' => $id]);
        }
    }

    /**
     * The pieces as they can be cut. Cloth that was cut off a bolt loses what squaring its edge takes, unless it is squared already.
     *
     * @return list<StockPiece>
     *
     * @throws InvalidArgumentException when nothing is left to cut from
     */
    public function pieces(Marks $marks, CuttingRoom $room): array
    {
        $length = $this->kind->needsSquaring() && ! $this->squared ? $this->length->minus($room->squaring) : $this->length;
        $pieces = [];
        for ($number = 1; $number <= $this->count; $number++) {
            $pieces[] = new StockPiece(
                $this->count === 1 ? $this->id : $this->id.'-'.$number,
                $this->kind,
                $marks->down($this->width),
                $marks->down($length),
                $this->corner === null ? 0 : $marks->up($this->corner->width),
                $this->corner === null ? 0 : $marks->up($this->corner->height),
                $this->name,
                $this->directional,
            );
        }

        return $pieces;
    }

    private static function missing(string $id, StockKind $kind, string $what): InvalidArgumentException
    {
        return new Refused('cutting.cloth_needs', ['id' => $id, 'kind' => $kind->value, 'what' => $what]);
    }
}
