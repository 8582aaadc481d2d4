<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Fabric\Cloth;

/** Whether every fabric is used, and every colourway whole. */
final readonly class FabricChecks
{
    private function __construct(private Subject $subject)
    {
    }

    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $checks = new self($subject);

        return [...$subject->isWhole() ? $checks->unusedFabrics() : [], ...$checks->colourwayGaps(), ...$checks->closeValues()];
    }

    /** @return list<Finding> */
    private function unusedFabrics(): array
    {
        $used = [];
        foreach ($this->subject->sizes() as $sized) {
            foreach ($sized->counts as $key => $count) {
                foreach ($count > 0 ? $sized->products[$key]->slots() : [] as $slot) {
                    $used[$slot->id] = true;
                }
            }
        }
        $findings = [];
        foreach (array_values($this->subject->design->slots) as $index => $slot) {
            if (! isset($used[$slot->id])) {
                $findings[] = new Finding('unused-fabric', Severity::Warning, "/fabrics/$index", ['fabric' => $slot->name]);
            }
        }

        return $findings;
    }

    /**
     * Two fabrics that touch in some block and are too alike in value to be told apart in some colourway.
     *
     * @return list<Finding>
     */
    private function closeValues(): array
    {
        $design = $this->subject->design;
        $findings = [];
        $pairs = Touching::in($design);
        foreach (array_values($design->colourways) as $index => $colourway) {
            foreach ($pairs as [$one, $other]) {
                if (array_intersect([$one, $other], $colourway->gaps) !== []) {
                    continue;
                }
                $difference = abs($colourway->cloths[$one]->lightness() - $colourway->cloths[$other]->lightness());
                if ($difference < Cloth::ALIKE) {
                    $findings[] = new Finding('close-values', Severity::Note, "/colourways/$index", [
                        'colourway' => $colourway->name, 'one' => $design->slots[$one]->name, 'other' => $design->slots[$other]->name,
                    ], counts: ['difference' => (int) round($difference)]);
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function colourwayGaps(): array
    {
        $findings = [];
        foreach (array_values($this->subject->design->colourways) as $index => $colourway) {
            // What members choose later needs no cloth of the host's.
            foreach (array_diff($colourway->gaps, $this->subject->design->later->fabrics) as $slot) {
                $findings[] = new Finding(
                    'colourway-gap',
                    Severity::Error,
                    "/colourways/$index/cloth",
                    ['colourway' => $colourway->name, 'fabric' => $this->subject->design->slots[$slot]->name],
                );
            }
        }

        return $findings;
    }
}
