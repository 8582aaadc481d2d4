<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Block\TrimmedBlock;
use Dew\Core\Design\Design;
use Dew\Core\Design\ProductKey;
use Dew\Core\Design\SizedDesign;
use Dew\Core\Geometry\Symmetry;
use Dew\Core\Split\MakingGraph;
use Dew\Core\Unit\Piece;
use Dew\Core\Words\Chore;

/** What is made: units nobody uses or makes, the same unit twice, bias edges, waste, and left and right cut alike. */
final readonly class WorkChecks
{
    /** Spares beyond this share of what is wanted are called waste. */
    private const MOST_SPARE = 0.25;

    private function __construct(private Subject $subject)
    {
    }

    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $checks = new self($subject);

        return [
            ...$checks->unused(), ...$checks->unmade(), ...$checks->unfinished(), ...$checks->unmadeShares(), ...$checks->twins(), ...$checks->biasOutside(),
            ...$checks->mirroredPieces(), ...$checks->byproducts(), ...$checks->wastefulYields(),
        ];
    }

    /** @return list<Finding> */
    private function unused(): array
    {
        $used = [];
        foreach ($this->subject->sizes() as $sized) {
            foreach ($sized->counts as $key => $count) {
                $used[ProductKey::id($key)] = true;
            }
        }
        $findings = [];
        foreach (array_keys($this->subject->design->units + $this->subject->design->blocks) as $key) {
            if (! str_contains((string) $key, '.') && ! isset($used[$key])) {
                $findings[] = new Finding(
                    isset($this->subject->design->units[$key]) ? 'unused-unit' : 'unused-block',
                    // A block that is kept for another time harms nobody.
                    isset($this->subject->design->units[$key]) ? Severity::Warning : Severity::Note,
                    $this->subject->place((string) $key),
                    ['unit' => $this->subject->name((string) $key)],
                );
            }
        }

        return $findings;
    }

    /**
     * What the quilt needs and no clue makes: units, blocks, and what is cut for the top itself. Unless its host says that it is not made
     * here, nobody would cut it.
     *
     * @return list<Finding>
     */
    private function unmade(): array
    {
        $made = array_fill_keys([...$this->subject->design->madeProducts(), ...$this->subject->design->notMade], true);
        $findings = [];
        foreach ($this->subject->sizes() as $sized) {
            foreach (array_filter($this->subject->counts($sized)) as $key => $count) {
                if (! isset($made[$key]) && MakingGraph::mustBeMade((string) $key, $sized)) {
                    $isError = ! $this->subject->isBegun && $this->isForgotten((string) $key, $sized);
                    $findings[$key] ??= new Finding(
                        match (true) {
                            isset($this->subject->design->units[$key]) => 'unmade-unit',
                            isset($this->subject->design->blocks[$key]) => 'unmade-block',
                            default => 'unmade-part',
                        },
                        $isError ? Severity::Error : ($this->isOneUnit((string) $key, $sized) ? Severity::Note : Severity::Warning),
                        $this->subject->place((string) $key),
                        ['unit' => $sized->names[$key], 'part' => (string) $key],
                    );
                }
            }
        }

        return array_values($findings);
    }

    /** Whether a thing is cut for the top itself, or is a section of a block: then no other task leads anybody to it. */
    private function isForgotten(string $key, SizedDesign $sized): bool
    {
        return isset($this->subject->design->blocks[$key])
            ? ! isset($sized->layout->blockCounts[$key])
            : ! isset($this->subject->design->units[$key]) || $sized->products[$key]->kind()->isCutOnly();
    }

    /** Whether a block is nothing but one unit, as it is made elsewhere. */
    private function isOneUnit(string $key, SizedDesign $sized): bool
    {
        return isset($this->subject->design->blocks[$key]) && array_sum($sized->products[$key]->contents()) === 1
            && ! $sized->products[$key] instanceof TrimmedBlock;
    }

    /**
     * Whether some clue joins the top, and whether one finishes the quilt.
     *
     * @return list<Finding>
     */
    private function unfinished(): array
    {
        $kinds = [];
        foreach ($this->subject->design->clues as $clue) {
            $kinds += array_fill_keys(array_map(fn (Chore $chore): string => $chore->kind, $clue->chores), true);
        }
        $parts = array_map(
            fn (SizedDesign $sized): int => count($sized->layout->placements) + count($sized->layout->frame), $this->subject->sizes(),
        );
        $isOpen = fn (string $what, string ...$stages): bool => ! in_array($what, $this->subject->design->notMade, true)
            && array_intersect_key($kinds, array_flip($stages)) === [];

        return array_values(array_filter([
            $isOpen(Design::JOINING, ...Chore::JOINING) && max([0, ...$parts]) > 1
                ? new Finding('no-joining', Severity::Warning, '/clues') : null,
            $isOpen(Design::FINISHING, ...Chore::FINISHING) ? new Finding('no-finishing', Severity::Warning, '/clues') : null,
        ]));
    }

    /**
     * A thing of which tasks make shares that are not all of it.
     *
     * @return list<Finding>
     */
    private function unmadeShares(): array
    {
        $findings = [];
        foreach ($this->subject->sizes() as $sized) {
            $made = [];
            foreach ($this->subject->design->clues as $clue) {
                foreach ($clue->tasks as $task) {
                    if ($task->share !== null) {
                        $made[$task->product] = ($made[$task->product] ?? 0) + $task->count($sized);
                    }
                }
            }
            foreach ($made as $key => $count) {
                if ($count < $sized->count((string) $key)) {
                    $findings[$key] ??= new Finding('unmade-share', Severity::Warning, $this->subject->place((string) $key), [
                        'unit' => $sized->names[$key], 'size' => $sized->size->name,
                    ], counts: ['made' => $count, 'needed' => $sized->count((string) $key)]);
                }
            }
        }

        return array_values($findings);
    }

    /**
     * The same unit declared twice: made together, it is one task and one bag.
     *
     * @return list<Finding>
     */
    private function twins(): array
    {
        $findings = [];
        $seen = [];
        foreach ($this->subject->units() as [$key, $unit, $sized]) {
            $form = $sized->size->scaleKey().' '.$unit->kind()->value.' '.Symmetry::canonical($unit->patches(), $unit->finished());
            $other = $seen[$form] ?? null;
            $seen[$form] ??= $key;
            if ($other !== null && ProductKey::id($other) !== ProductKey::id($key)) {
                $findings[$key] = new Finding(
                    'twin-units',
                    Severity::Note,
                    $this->subject->place($key),
                    ['unit' => $this->subject->name($key), 'other' => $this->subject->name($other)],
                );
            }
        }

        return array_values($findings);
    }

    /** @return list<Finding> */
    private function biasOutside(): array
    {
        $findings = [];
        foreach ($this->subject->units() as [$key, $unit]) {
            $edges = $this->subject->making($unit)->biasEdges;
            if ($edges > 0) {
                $findings[$key] = new Finding(
                    'bias-outside',
                    Severity::Note,
                    $this->subject->place($key),
                    ['unit' => $this->subject->name($key)],
                    counts: ['edges' => $edges],
                );
            }
        }

        return array_values($findings);
    }

    /**
     * A unit and its mirror image, or left and right pieces in one unit: cut alike, half of them are useless.
     *
     * @return list<Finding>
     */
    private function mirroredPieces(): array
    {
        $findings = [];
        foreach ($this->subject->units() as [$key, $unit, $sized]) {
            $chiral = array_filter($this->subject->making($unit)->pieces, fn (Piece $piece): bool => $piece->lay->chiral);
            $hands = array_unique(array_map(fn (Piece $piece): bool => $piece->lay->mirrored, $chiral));
            $image = ProductKey::mirrorOf($key);
            if (count($hands) > 1 || ($chiral !== [] && $image !== null && ($sized->counts[$image] ?? 0) > 0)) {
                $findings[$key] = new Finding(
                    'mirrored-pieces',
                    Severity::Note,
                    $this->subject->place($key),
                    ['unit' => $this->subject->name($key)],
                );
            }
        }

        return array_values($findings);
    }

    /**
     * Work that gives two different things, such as squares of a strip set cut corner to corner: what nobody uses is left over, and what
     * comes from no such work is missing.
     *
     * @return list<Finding>
     */
    private function byproducts(): array
    {
        $findings = [];
        foreach ($this->subject->sizes() as $sized) {
            [$gives, $needs] = $this->balance($sized);
            foreach ($gives as $key => $digest) {
                $count = $sized->count((string) $key);
                $used = 0;
                foreach ($needs as $other => $needed) {
                    $used += $needed === $digest && $other !== $key ? $sized->count((string) $other) : 0;
                }
                if ($used < $count) {
                    $names = ['unit' => $this->subject->name((string) $key), 'size' => $sized->size->name];
                    $code = $this->subject->making($sized->products[$key])->isFromSets() ? 'unbalanced-cloth' : 'unused-byproduct';
                    $findings[] = new Finding(
                        $code,
                        Severity::Note,
                        $this->subject->place((string) $key),
                        $names,
                        counts: ['left' => $count - $used, 'used' => $count],
                    );
                }
            }
            foreach ($needs as $key => $digest) {
                $count = $sized->count((string) $key);
                $given = array_sum(
                    array_map($sized->count(...), array_map(strval(...), array_keys($gives, $digest, true))),
                );
                if ($sized->products[$key]->isMadeOfByproducts() && $given < $count) {
                    $names = ['unit' => $this->subject->name((string) $key), 'size' => $sized->size->name];
                    $findings[] = new Finding(
                        'missing-halves',
                        Severity::Error,
                        $this->subject->place((string) $key),
                        $names,
                        counts: ['missing' => $count - $given, 'used' => $count],
                    );
                }
            }
        }

        return $findings;
    }

    /**
     * @return array{array<string, string>, array<string, string>} digests of what the work on each unit gives besides, and of the units
     *     that can be made
     *                                                             of such things, by product key
     */
    private function balance(SizedDesign $sized): array
    {
        $gives = $needs = [];
        $room = $this->subject->design->room;
        foreach ($this->subject->counts($sized) as $key => $count) {
            $unit = $sized->products[$key];
            if ($count < 1 || ! isset($this->subject->design->units[$key])) {
                continue;
            }
            $other = $unit->byproduct($this->subject->making($unit)->method, $room);
            if ($other !== null) {
                $gives[$key] = $other->digest($room);
            }
            if ($unit->isMadeOfByproducts() || ($other !== null && ! $other->isMadeOfByproducts())) {
                $needs[$key] = $this->subject->compilation->work($unit)->digest();
            }
        }

        return [$gives, $needs];
    }

    /**
     * A task whose default method leaves many units over at some size.
     *
     * @return list<Finding>
     */
    private function wastefulYields(): array
    {
        $findings = [];
        foreach ($this->subject->sizes() as $sized) {
            foreach ($this->subject->counts($sized) as $key => $count) {
                if (! isset($this->subject->design->units[$key]) || $count < 1) {
                    continue;
                }
                $spares = $this->subject->making($sized->products[$key])->spares($count);
                if ($spares > $count * self::MOST_SPARE) {
                    $findings[] = new Finding(
                        'wasteful-yield',
                        Severity::Note,
                        $this->subject->place($key),
                        ['unit' => $this->subject->name($key), 'size' => $sized->size->name],
                        counts: ['needed' => $count, 'spares' => $spares],
                    );
                }
            }
        }

        return $findings;
    }
}
