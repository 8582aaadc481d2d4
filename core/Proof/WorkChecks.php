<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\ProductKey;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Symmetry;
use Dew\Core\Measure\Length;
use Dew\Core\Unit\Kind\StripedHalfSquare;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MirroredUnit;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;

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
            ...$checks->unused(), ...$checks->unmade(), ...$checks->twins(), ...$checks->biasOutside(),
            ...$checks->mirroredPieces(), ...$checks->unbalancedCloth(), ...$checks->wastefulYields(),
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
                $findings[] = new Finding(isset($this->subject->design->units[$key]) ? 'unused-unit' : 'unused-block', Severity::Warning, $this->subject->place((string) $key), ['unit' => $this->subject->name((string) $key)]);
            }
        }

        return $findings;
    }

    /**
     * A sewn unit or a block that the quilt needs and no clue makes.
     *
     * @return list<Finding>
     */
    private function unmade(): array
    {
        $made = array_fill_keys($this->subject->made(), true);
        $findings = [];
        foreach ($this->subject->sizes() as $sized) {
            foreach ($sized->counts as $key => $count) {
                if ($count > 0 && ! isset($made[$key]) && $sized->products[$key]->kind()->methods()[0] !== Method::Plain) {
                    $code = isset($this->subject->design->units[$key]) ? 'unmade-unit' : (isset($this->subject->design->blocks[$key]) ? 'unmade-block' : 'unmade-part');
                    $findings[$key] = new Finding($code, $code === 'unmade-unit' ? Severity::Warning : Severity::Note, $this->subject->place($key), ['unit' => $sized->names[$key], 'part' => $key]);
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
                $findings[$key] = new Finding('twin-units', Severity::Note, $this->subject->place($key), ['unit' => $this->subject->name($key), 'other' => $this->subject->name($other)]);
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
                $findings[$key] = new Finding('bias-outside', Severity::Note, $this->subject->place($key), ['unit' => $this->subject->name($key)], counts: ['edges' => $edges]);
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
            $chiral = array_filter($this->subject->making($unit)->pieces, fn (Piece $piece): bool => $piece->chiral);
            $hands = array_unique(array_map(fn (Piece $piece): bool => $piece->mirrored, $chiral));
            $image = ProductKey::mirrorOf($key);
            if (count($hands) > 1 || ($chiral !== [] && $image !== null && ($sized->counts[$image] ?? 0) > 0)) {
                $findings[$key] = new Finding('mirrored-pieces', Severity::Note, $this->subject->place($key), ['unit' => $this->subject->name($key)]);
            }
        }

        return array_values($findings);
    }

    /**
     * Squares of a strip set cut corner to corner give two different triangles; those nobody uses are left over.
     *
     * @return list<Finding>
     */
    private function unbalancedCloth(): array
    {
        $findings = [];
        foreach ($this->subject->sizes() as $sized) {
            $striped = [];
            foreach ($sized->counts as $key => $count) {
                $unit = $this->striped($sized->products[$key]);
                if ($unit !== null && $count > 0) {
                    $strips = array_map(fn (Slot $slot): string => $slot->id, array_slice($unit->slots(), 1));
                    // Cut on the other diagonal a square gives halves of the other hand.
                    $hand = $sized->products[$key] instanceof MirroredUnit ? 'left ' : 'right ';
                    $striped[$key] = [$unit->isTwin, $hand.$this->strips($unit->widths, $strips), $hand.$this->strips($unit->twin($this->subject->design->room->seam), array_reverse($strips)), $count];
                }
            }
            foreach ($striped as $key => [$isTwin, , $other, $count]) {
                $used = array_sum(array_map(fn (array $unit): int => $unit[0] !== $isTwin && $unit[1] === $other ? $unit[3] : 0, $striped));
                $names = ['unit' => $this->subject->name($key), 'size' => $sized->size->name];
                if (! $isTwin && $used < $count) {
                    $findings[] = new Finding('unbalanced-cloth', Severity::Note, $this->subject->place($key), $names, counts: ['left' => $count - $used, 'used' => $count]);
                } elseif ($isTwin && $used < $count) {
                    $findings[] = new Finding('missing-halves', Severity::Error, $this->subject->place($key), $names, counts: ['missing' => $count - $used, 'used' => $count]);
                }
            }
        }

        return $findings;
    }

    /** A striped unit, whichever hand it is of. */
    private function striped(Unit $unit): ?StripedHalfSquare
    {
        $plain = $unit instanceof MirroredUnit ? $unit->unit : $unit;

        return $plain instanceof StripedHalfSquare ? $plain : null;
    }

    /**
     * @param  list<Length>  $widths
     * @param  list<string>  $slots
     */
    private function strips(array $widths, array $slots): string
    {
        return implode(' ', array_map(fn (Length $width, string $slot): string => $width->encode().$slot, $widths, $slots));
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
            foreach ($sized->counts as $key => $count) {
                if (! isset($this->subject->design->units[$key]) || $count < 1) {
                    continue;
                }
                $spares = $this->subject->making($sized->products[$key])->spares($count);
                if ($spares > $count * self::MOST_SPARE) {
                    $findings[] = new Finding('wasteful-yield', Severity::Note, $this->subject->place($key), ['unit' => $this->subject->name($key), 'size' => $sized->size->name], counts: ['needed' => $count, 'spares' => $spares]);
                }
            }
        }

        return $findings;
    }
}
