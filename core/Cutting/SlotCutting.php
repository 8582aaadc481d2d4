<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Fabric\CuttingRoom;
use InvalidArgumentException;

/** How all that one clue cuts from one fabric is cut, and how good that plan is. */
final readonly class SlotCutting
{
    /** The id of cloth that is still to be bought. */
    public const BOLT = 'bolt';

    /** More of them are dearer than cloth off a bolt. */
    private const MOST_FAT_QUARTERS = 4;

    /**
     * @param  int  $bolt  usable width of cloth off a bolt, in marks
     * @param  list<Wanted>  $tooWide  pieces that no cloth of this width gives
     * @param  bool  $isBolt  whether it is cut off a bolt, as much as it takes
     * @param  array<string, int>  $counted  how many of each piece are counted as cut, by the plan or by hand, by id
     */
    private function __construct(
        public ClothNeed $need,
        public CuttingPlan $plan,
        public int $bolt,
        public Aim $aim,
        public array $tooWide,
        public bool $isBolt,
        private array $counted = [],
    ) {
    }

    /**
     * The same plan, where some of the pieces are cut already.
     *
     * @param  array<string, int>  $counted  by the id of the piece
     */
    public function withCounted(array $counted): self
    {
        return new self($this->need, $this->plan, $this->bolt, $this->aim, $this->tooWide, $this->isBolt, $counted);
    }

    /**
     * What the plan leaves short and is not cut in another way either.
     *
     * @return array<string, int> pieces by id; empty when nothing is
     */
    public function short(): array
    {
        $short = $this->plan->short();
        foreach ($this->need->wanted as $piece) {
            if (isset($short[$piece->id])) {
                $short[$piece->id] = min($short[$piece->id], $piece->count - ($this->counted[$piece->id] ?? 0));
            }
        }

        return array_filter($short, fn (int $count): bool => $count > 0);
    }

    /**
     * From a bolt: as much of it as the plan takes.
     *
     * @param  int  $width  usable width of the cloth, in marks
     */
    public static function fromBolt(ClothNeed $need, int $width, Aim $aim): self
    {
        [$fitting, $tooWide] = self::sorted($need->wanted, $width);
        $strips = $aim->strips($fitting, $width);
        $length = BoltCuts::length($strips);
        $cuts = $strips === [] ? [] : [new StockCut(
            new StockPiece(self::BOLT, StockKind::Yardage, $width, $length),
            [new SheetCut(0, 0, $width, $length, false, $strips)],
        )];

        return new self($need, new CuttingPlan($need->wanted, $cuts, []), $width, $aim, $tooWide, true);
    }

    /**
     * From the cloth that somebody has.
     *
     * @param  int  $width  usable width of cloth off a bolt, for what is still missing
     * @param  list<StockPiece>  $stock
     * @param  int  $variety  from how many fabrics the pieces should come at least, where there are so many
     */
    public static function fromStock(ClothNeed $need, int $width, array $stock, Aim $aim, int $variety = 1): self
    {
        // Where all of it must stay upright, so must what is still to be bought.
        $turning = array_filter($stock, fn (StockPiece $piece): bool => ! $piece->directional);
        $need = $stock !== [] && $turning === [] ? $need->upright() : $need;
        $plan = $variety > 1 ? VariedCuts::plan($need->wanted, $stock, $aim, $variety) : StockCuts::plan($need->wanted, $stock, $aim);

        return new self($need, $plan, $width, $aim, self::sorted($need->wanted, $width)[1], false);
    }

    /** How much of a bolt all pieces take together with this aim, in marks along it. */
    public function length(Aim $aim): int
    {
        return BoltCuts::length($this->boltStrips($this->need->wanted, $aim));
    }

    /** How often the ruler is set to another measure with this aim. */
    public function settings(Aim $aim): int
    {
        return PlainStrips::settings($this->boltStrips($this->need->wanted, $aim), $this->need->wanted);
    }

    /** Square marks over the width, which nothing can go below. */
    public function areaBound(): int
    {
        return LengthBound::area(self::sorted($this->need->wanted, $this->bolt)[0], $this->bolt);
    }

    /** The better bound: no plan of strips from a bolt takes less. */
    public function bound(): int
    {
        return LengthBound::of(self::sorted($this->need->wanted, $this->bolt)[0], $this->bolt);
    }

    /** How much more of a bolt what is short would take, in marks along it; zero when nothing is short. */
    public function missing(): int
    {
        $short = $this->short();
        $pieces = array_map(fn (Wanted $piece): Wanted => $piece->of($short[$piece->id] ?? 0), $this->need->wanted);

        return BoltCuts::length($this->boltStrips($pieces, Aim::Cloth));
    }

    /** How many usual fat quarters hold all that is short; null when more than {@see MOST_FAT_QUARTERS} or none would. */
    public function fatQuarters(CuttingRoom $room, Marks $marks): ?int
    {
        $short = $this->short();
        $pieces = array_map(fn (Wanted $piece): Wanted => $piece->of($short[$piece->id] ?? 0), $this->need->wanted);
        for ($count = 1; $short !== [] && $count <= self::MOST_FAT_QUARTERS; $count++) {
            $quarters = new Stock('new', $this->need->slot, StockKind::FatQuarter, null, null, $count);
            if (StockCuts::plan($pieces, $quarters->pieces($marks, $room), $this->aim)->short() === []) {
                return $count;
            }
        }

        return null;
    }

    /**
     * @param  list<Wanted>  $pieces
     * @return list<Strip>
     */
    private function boltStrips(array $pieces, Aim $aim): array
    {
        return $aim->strips(self::sorted($pieces, $this->bolt)[0], $this->bolt);
    }

    /**
     * @param  list<Wanted>  $pieces
     * @return array{list<Wanted>, list<Wanted>} those that the cloth is wide enough for, and the others
     */
    private static function sorted(array $pieces, int $width): array
    {
        $fitting = $tooWide = [];
        foreach ($pieces as $piece) {
            try {
                Lays::of($piece, $width);
                $fitting[] = $piece;
            } catch (InvalidArgumentException) {
                $tooWide[] = $piece;
            }
        }

        return [$fitting, $tooWide];
    }
}
