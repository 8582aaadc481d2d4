<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

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

        return [...$checks->unusedFabrics(), ...$checks->colourwayGaps()];
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
