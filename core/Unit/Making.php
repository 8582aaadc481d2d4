<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Writer;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;

/** How a unit is made by one method: its pieces, each with its own yield, and the steps. */
final readonly class Making
{
    /**
     * @param  non-empty-list<Piece>  $pieces
     * @param  list<Step>  $steps
     * @param  int  $biasEdges  sides of the finished unit that lie on the bias
     * @param  array{Measurement, Measurement}|null  $sewn  width and height as they come out when nothing trims them; null where the unit
     *     is trimmed to its unfinished size
     */
    public function __construct(
        public Method $method,
        public array $pieces,
        public array $steps,
        public int $biasEdges = 0,
        public ?array $sewn = null,
    ) {
    }

    /**
     * Square inches of cloth cut for so many units at the exact sizes, whole batches counted: squares from which four triangles come are
     * cut whole for one.
     */
    public function cloth(int $units, Length $usableWidth): float
    {
        $cloth = 0.0;
        foreach ($this->pieces as $piece) {
            $cloth += $piece->cloth($piece->quantity($units), $usableWidth);
        }

        return $cloth;
    }

    /** @return array<string, int> how many of each piece come out of one strip of the cloth, at exact sizes, by piece id */
    public function perStrip(Length $usableWidth): array
    {
        $counts = [];
        foreach ($this->pieces as $piece) {
            $counts[$piece->id] = $piece->perStrip($usableWidth);
        }

        return $counts;
    }

    /** What is sewn at one go for this many units: strip sets, all kinds of them together; or pairs, squares, bases. */
    public function batches(int $units): int
    {
        $sets = [];
        foreach ($this->pieces as $piece) {
            if ($piece->batch->segment !== null) {
                $sets[$piece->batch->segment] = $piece->batches($units);
            }
        }

        return $sets === [] ? $this->pieces[0]->batches($units) : array_sum($sets);
    }

    /** Units that come out of what is cut beyond the ones wanted: as many as the scarcest piece allows. */
    public function spares(int $units): int
    {
        $most = null;
        foreach ($this->pieces as $piece) {
            if ($piece->isCloth()) {
                $gives = intdiv($piece->batches($units) * $piece->batch->yield, $piece->batch->perUnit);
                $most = $most === null ? $gives : min($most, $gives);
            }
        }

        return $most === null ? 0 : $most - max(0, $units);
    }

    /** Units that one batch gives, when that is a whole number of them; else 1. */
    public function unitsAtATime(): int
    {
        $batch = $this->pieces[0]->batch;

        return $batch->segment === null && $batch->yield % $batch->perUnit === 0 ? intdiv($batch->yield, $batch->perUnit) : 1;
    }

    public function piece(string $id): ?Piece
    {
        foreach ($this->pieces as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }

        return null;
    }

    /** Whether segments or squares are cut from sewn strip sets. */
    public function isFromSets(): bool
    {
        foreach ($this->pieces as $piece) {
            if ($piece->isFromSet()) {
                return true;
            }
        }

        return false;
    }

    /**
     * Of the mirror image of the unit: the same sizes, left and right pieces exchanged.
     *
     * @param  array<string, string>  $keys  product keys of the mirror images of what was made before, by their own keys
     */
    public function turnedOver(array $keys = []): self
    {
        $pieces = array_map(fn (Piece $piece): Piece => $piece->turnedOver()->known($keys[$piece->id] ?? $piece->id), $this->pieces);

        $steps = array_map(fn (Step $step): Step => $step->turnedOver($keys), $this->steps);

        return new self($this->method, $pieces, $steps, $this->biasEdges, $this->sewn);
    }

    /** The same method with other steps. */
    public function withSteps(Step ...$steps): self
    {
        return new self($this->method, $this->pieces, array_values($steps), $this->biasEdges, $this->sewn);
    }

    /** Pieces that are trimmed afterwards, cut larger by so much; what comes out before trimming grows with them. */
    public function oversize(Length $by): self
    {
        $pieces = [];
        $steps = $this->steps;
        foreach ($this->pieces as $piece) {
            $larger = $piece->larger($by);
            if ($larger !== $piece) {
                $steps = array_map(fn (Step $step): Step => $step->following($piece->width, $larger->width), $steps);
            }
            $pieces[] = $larger;
        }

        return new self($this->method, $pieces, $steps, $this->biasEdges, $this->sewn);
    }

    /** How wide a piece of cloth must at least be for all of this; null when nothing is cut from cloth. */
    public function minimumStock(): ?Measurement
    {
        $widest = null;
        foreach ($this->pieces as $piece) {
            if ($piece->isCloth() && ($widest === null || $piece->minimumStock()->exact->isGreaterThan($widest->exact))) {
                $widest = $piece->minimumStock();
            }
        }

        return $widest;
    }

    /** Whether cutting larger would change anything: it does not where every piece must be cut as it is. */
    public function canBeOversize(): bool
    {
        foreach ($this->pieces as $piece) {
            if ($piece->mayBeLarger()) {
                return true;
            }
        }

        return false;
    }

    /**
     * The same method on cloth of another width, at the segment width the reader's ruler gives: ⌊(usable − squaring)/segment⌋ from a set.
     * Methods without strip sets, and cloth too narrow for one segment, leave it as it is.
     */
    public function onCloth(CuttingRoom $room, Notation $notation): self
    {
        $across = [];
        foreach ($this->pieces as $piece) {
            if ($piece->isFromSet()) {
                $across[$piece->id] = $piece->perSet($room->usableWidth, $room->squaring, $notation);
            }
        }
        if ($across === [] || min($across) < 1) {
            return $this;
        }
        $pieces = [];
        foreach ($this->pieces as $piece) {
            $pieces[] = $piece->batch->segment === null ? $piece : $piece->withYield($across[$piece->batch->segment]);
        }

        return new self(
            $this->method,
            $pieces,
            array_map(fn (Step $step): Step => $this->stepOnCloth($step, $across), $this->steps),
            $this->biasEdges,
            $this->sewn,
        );
    }

    /** @param  non-empty-array<string, int>  $across  what one set gives, by the id of the segment */
    private function stepOnCloth(Step $step, array $across): Step
    {
        $count = min($across);
        foreach ($this->pieces as $piece) {
            if (isset(
                $across[$piece->id],
                $step->measures['segment'],
            ) && $piece->width->encode() === $step->measures['segment']->encode()) {
                $count = $across[$piece->id];
            }
        }

        return $step->withCount('segments', $count);
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(Writer $writer): array
    {
        return $writer->once($this, 'whole', fn (): array => [
            'method' => $this->method->value,
            'pieces' => array_map(fn (Piece $piece): array => $piece->toData(), $this->pieces),
            'steps' => array_map(fn (Step $step): array => $step->toData(), $this->steps),
            'bias_edges' => $this->biasEdges,
            ...($this->sewn === null ? [] : ['sewn' => array_map(fn (Measurement $side): string => $side->encode(), $this->sewn)]),
        ]);
    }

    /** @return list<array<string, mixed>> the pieces without what only a drawing needs */
    public function barePieces(Writer $writer): array
    {
        return $writer->once(
            $this, 'bare', fn (): array => array_map(fn (Piece $piece): array => $piece->toData(bare: true), $this->pieces),
        );
    }

    /**
     * @param  bool  $whole  false to leave the steps out
     *
     * @throws DocumentException
     */
    public static function fromData(Node $data, bool $whole = true): self
    {
        return $data->once($whole ? 'making' : 'making without steps', function () use ($data, $whole): self {
            $sewn = $data->has('sewn') ? array_map(Measurement::decode(...), $data->get('sewn')->texts()) : null;

            return new self(
                new Method($data->get('method')->text()),
                Piece::list($data),
                $whole ? array_map(Step::fromData(...), $data->get('steps')->items()) : [],
                $data->get('bias_edges')->count(),
                isset($sewn[0], $sewn[1]) ? [$sewn[0], $sewn[1]] : null,
            );
        });
    }

    /**
     * A way of making of which only the pieces are written, as an offer has it.
     *
     * @throws DocumentException
     */
    public static function bare(Node $data): self
    {
        return $data->once('bare making', fn (): self => new self(
            new Method($data->get('method')->text()), Piece::list($data), [], $data->get('bias_edges')->count(),
        ));
    }
}
