<?php

declare(strict_types=1);

namespace Dew\Core\Fabric;

/** Whether somebody's cloths play the parts that a design gives them: light where it wants light, and apart where they touch. */
final readonly class ValueCheck
{
    /** CIE L* from which a cloth reads as light, and below which it reads as dark: about a third of the way from each end. */
    private const LIGHT = 66.0;

    private const DARK = 40.0;

    /**
     * @param  array<string, FabricValue>  $reads  how each cloth reads, by slot
     * @param  list<string>  $off  slots whose cloth reads otherwise than the design wants
     * @param  list<array{string, string}>  $turned  two slots: the first should be the lighter one, and is not
     * @param  list<array{string, string, float}>  $close  two slots that touch and are hard to tell apart, with the difference in lightness
     */
    private function __construct(
        public array $reads,
        public array $off,
        public array $turned,
        public array $close,
    ) {
    }

    /**
     * @param  array<string, Slot>  $slots
     * @param  array<string, float>  $lightness  CIE L* of her cloth, by slot
     * @param  array<string, FabricValue>  $judged  what her own eye says, which counts more, by slot
     * @param  array<string, Cloth>  $designed  the cloths of the colourway: what is alike there is meant to be
     * @param  array<string, float>  $touching  see {@see \Dew\Core\Geometry\Neighbours::in()}
     */
    public static function of(array $slots, array $lightness, array $judged, array $designed, array $touching): self
    {
        $seen = [];
        foreach ($lightness as $slot => $light) {
            $seen[$slot] = isset($judged[$slot]) ? self::within($judged[$slot], $light) : $light;
        }
        $reads = array_map(self::reading(...), $seen);
        $off = $turned = $close = [];
        foreach ($slots as $slot) {
            if ($reads[$slot->id] !== $slot->value) {
                $off[] = $slot->id;
            }
            foreach ($slots as $other) {
                if ($other->value->isDarkerThan($slot->value) && $seen[$slot->id] <= $seen[$other->id]) {
                    $turned[] = [$slot->id, $other->id];
                }
            }
        }
        foreach (array_keys($touching) as $pair) {
            [$one, $other] = explode(' ', (string) $pair);
            $difference = abs($seen[$one] - $seen[$other]);
            $meant = abs($designed[$one]->lightness() - $designed[$other]->lightness()) < Cloth::ALIKE;
            if ($difference < Cloth::ALIKE && ! $meant) {
                $close[] = [$one, $other, $difference];
            }
        }

        return new self($reads, $off, $turned, $close);
    }

    public static function reading(float $lightness): FabricValue
    {
        return match (true) {
            $lightness >= self::LIGHT => FabricValue::Light,
            $lightness < self::DARK => FabricValue::Dark,
            default => FabricValue::Medium,
        };
    }

    /** The lightness nearest to the measured one that reads as she says. */
    private static function within(FabricValue $judged, float $lightness): float
    {
        return match ($judged) {
            FabricValue::Light => max(self::LIGHT, $lightness),
            FabricValue::Medium => min(self::LIGHT - 0.1, max(self::DARK, $lightness)),
            FabricValue::Dark => min(self::DARK - 0.1, $lightness),
        };
    }
}
