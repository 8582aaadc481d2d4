<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Fabric\CuttingRoom;
use InvalidArgumentException;

/** All the cloth that somebody has at one time, by fabric slot, ready to be cut. */
final readonly class Shelf
{
    /**
     * @param  array<string, list<StockPiece>>  $pieces  by the id of the fabric slot
     * @param  array<string, true>  $bolts  slots that are cut from a bolt as long as they take, since nobody said what there is
     */
    private function __construct(
        public array $pieces,
        public array $bolts,
    ) {
    }

    /**
     * @param  list<Stock>  $stock
     * @param  array<string, true>  $bolts  slots that are cut from a bolt as long as they take
     *
     * @throws InvalidArgumentException when nothing can be cut from one of them
     */
    public static function of(array $stock, Marks $marks, CuttingRoom $room, array $bolts = []): self
    {
        $pieces = [];
        foreach ($stock as $one) {
            $pieces[$one->slot] = [...$pieces[$one->slot] ?? [], ...$one->pieces($marks, $room)];
        }

        return new self($pieces, $bolts);
    }

    /** The cloth of one slot alone; all others are cut from bolts. */
    public function only(string $slot): self
    {
        return new self(
            array_intersect_key($this->pieces, [$slot => true]),
            array_diff_key(array_fill_keys(array_keys($this->pieces), true), [$slot => true]) + array_diff_key($this->bolts, [$slot => true]),
        );
    }

    /** Whether some cloth of a slot must stay upright. */
    public function isDirectional(string $slot): bool
    {
        return array_filter($this->pieces[$slot] ?? [], fn (StockPiece $piece): bool => $piece->directional) !== [];
    }

    /** The same cloth, with the pieces of one slot lying either way in it. */
    public function anyWay(string $slot): self
    {
        $free = array_map(fn (StockPiece $piece): StockPiece => new StockPiece(
            $piece->id, $piece->kind, $piece->width, $piece->length, $piece->goneWidth, $piece->goneLength, $piece->fabric,
        ), $this->pieces[$slot] ?? []);

        return new self([$slot => $free] + $this->pieces, $this->bolts);
    }

    /** What is left once a clue is cut: cloth that was not touched, and remnants that are not too small. */
    public function after(ClueCutting $cutting): self
    {
        return $this->afterSteps($cutting, array_map(fn (SlotCutting $slot): array => array_map(
            fn (CutStep $step): string => $step->id,
            CutStep::of($slot->plan),
        ), $cutting->slots));
    }

    /**
     * What is left while a clue is being cut.
     *
     * @param  array<string, list<string>>  $done  ids of the steps that are cut, by the id of the fabric slot
     */
    public function afterSteps(ClueCutting $cutting, array $done): self
    {
        $pieces = [];
        foreach ($this->pieces as $slot => $all) {
            $plan = $cutting->slots[$slot]->plan ?? null;
            $pieces[$slot] = [];
            foreach ($all as $piece) {
                array_push($pieces[$slot], ...$plan === null ? [$piece] : self::left($piece, $plan, $done[$slot] ?? []));
            }
        }

        return new self($pieces, $this->bolts);
    }

    /** @return list<int> widths of cloth that was woven or cut so wide, the widest first */
    public function widths(): array
    {
        $widths = [];
        foreach ($this->pieces as $pieces) {
            foreach ($pieces as $piece) {
                if ($piece->kind !== StockKind::Square && $piece->kind !== StockKind::Scrap) {
                    $widths[$piece->width] = $piece->width;
                }
            }
        }
        rsort($widths);

        return $widths;
    }

    /**
     * @param  list<string>  $done
     * @return list<StockPiece>
     */
    private static function left(StockPiece $piece, CuttingPlan $plan, array $done): array
    {
        $cut = null;
        $strips = [];
        foreach (CutStep::of($plan) as $step) {
            if ($plan->cuts[$step->cut]->stock->id === $piece->id && in_array($step->id, $done, true)) {
                $cut = $plan->cuts[$step->cut];
                $strips[$step->sheet] = ($strips[$step->sheet] ?? []) + array_fill($step->first, $step->count, true);
            }
        }

        return $cut === null ? [$piece] : self::leftOf($piece, $cut, $strips);
    }

    /**
     * What a plan leaves keeps the name that the plan gives it, even where only a part of the strips is cut and more is left than planned.
     *
     * @param  array<int, array<int, true>>  $done  strips that are cut, by sheet
     * @return list<StockPiece>
     */
    private static function leftOf(StockPiece $piece, StockCut $cut, array $done): array
    {
        $left = $beyond = [];
        foreach ($cut->remnants() as $number => $remnant) {
            $id = $piece->id.'/'.($number + 1);
            if ($remnant->strip === null) {
                $beyond[$remnant->sheet] = $id;
            }
            if ($remnant->strip === null || isset($done[$remnant->sheet][$remnant->strip])) {
                $left[$id] = [$remnant->width, $remnant->length];
            }
        }
        foreach ($cut->sheets as $number => $sheet) {
            $taken = 0;
            foreach ($sheet->strips as $index => $strip) {
                $taken += isset($done[$number][$index]) ? $strip->height : 0;
            }
            [$width, $length] = $piece->goneWidth === 0 ? [$piece->width, $piece->length] : [$sheet->width, $sheet->length];
            $left[$beyond[$number] ?? $piece->id.'/rest'.$number] = $sheet->lengthwise
                ? [$width - $taken, $length]
                : [$width, $length - $taken];
        }
        $pieces = [];
        foreach ($left as $id => [$width, $length]) {
            if (Remnant::isUsable($width, $length)) {
                $kind = $width === $piece->width ? $piece->kind : StockKind::Scrap;
                $pieces[] = new StockPiece($id, $kind, $width, $length, fabric: $piece->fabric, directional: $piece->directional);
            }
        }

        return $pieces;
    }
}
