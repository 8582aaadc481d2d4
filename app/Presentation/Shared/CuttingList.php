<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Support\Kept;
use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\ClueCutting;
use Dew\Core\Cutting\SlotCutting;
use Dew\Core\Cutting\StockCut;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\ClueSheet;

/** The cutting plan of a clue as its page shows it: the plan of the mat, each fabric in a few lines. */
final readonly class CuttingList
{
    /** @param  array<string, FabricCutting>  $fabrics  by the id of the slot */
    private function __construct(private array $fabrics)
    {
    }

    public function of(string $slot): ?FabricCutting
    {
        return $this->fabrics[$slot] ?? null;
    }

    /** From bolts as wide as the design says, with the least cloth: what is announced. */
    public static function fromBolts(ClueSheet $sheet, Notation $notation): self
    {
        return $sheet->tasks === [] ? new self([]) : self::ofSlots(
            ClueCutting::fromBolts($sheet->tasks, $sheet->tasks[0]->room, $notation, Aim::Cloth)->slots, $notation,
        );
    }

    /** The same, kept for the next time, since a plan can take long. */
    public static function kept(ClueSheet $sheet, Notation $notation): self
    {
        return Kept::Cutting->remember(
            [hash('sha256', $sheet->write()), $notation->value], fn (): self => self::fromBolts($sheet, $notation),
        );
    }

    /**
     * @param  array<string, SlotCutting>  $slots
     * @param  array<array-key, string>  $names  of the cloth that somebody has, by its id
     */
    public static function ofSlots(array $slots, Notation $notation, array $names = [], bool $leftHanded = false): self
    {
        return new self(array_map(
            fn (SlotCutting $slot): FabricCutting => self::fabric($slot, new CuttingText($slot->need, $notation), $names, $leftHanded), $slots,
        ));
    }

    /** @param  array<array-key, string>  $names */
    private static function fabric(SlotCutting $slot, CuttingText $text, array $names, bool $leftHanded): FabricCutting
    {
        $cloths = [];
        $isBolt = $slot->isBolt;
        foreach (self::alike($slot->plan->cuts, $names) as [$cut, $name, $count]) {
            $title = $isBolt
                ? __('cuts.takes', ['length' => $text->length($cut->stock->length), 'width' => $text->length($cut->stock->width)])
                : ($count > 1 ? __('cuts.alike', ['count' => $count, 'cloth' => $text->cloth($cut, $leftHanded)]) : $text->cloth($cut, $leftHanded));
            $cloths[] = new CutText(
                ucfirst($title).($name === '' ? '' : ', '.$name),
                array_merge([], ...array_map($text->summary(...), $cut->sheets)),
            );
        }
        $isShort = ! $isBolt && $slot->plan->short() !== [];

        return new FabricCutting($cloths, $isBolt, $isShort, $isBolt ? $text->short($slot) : null);
    }

    /**
     * Neighbours of the same size that are cut alike.
     *
     * @param  list<StockCut>  $cuts
     * @param  array<array-key, string>  $names
     * @return list<array{StockCut, string, int}> with the name of the cloth, and how many there are
     */
    private static function alike(array $cuts, array $names): array
    {
        $groups = [];
        foreach ($cuts as $cut) {
            $name = $names[$cut->stock->row()] ?? '';
            [$last, $lastName, $count] = array_pop($groups) ?? [null, '', 0];
            if ($last !== null && $lastName === $name && $last->isLike($cut)) {
                $groups[] = [$last, $name, $count + 1];
            } else {
                array_push($groups, ...$last === null ? [] : [[$last, $lastName, $count]], ...[[$cut, $name, 1]]);
            }
        }

        return $groups;
    }
}
