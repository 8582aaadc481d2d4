<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\Design;
use Dew\Core\Design\ProductKey;
use Dew\Core\Plan\SizedDesign;
use Dew\Core\Plan\UnitFacts;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;

/** The design under proof, with what every check asks of it. Units are made by their default methods. */
final readonly class Subject
{
    public function __construct(public Design $design)
    {
    }

    /** @return list<SizedDesign> */
    public function sizes(): array
    {
        return array_map(fn (string $size): SizedDesign => SizedDesign::of($this->design, $size), array_map(strval(...), array_keys($this->design->sizes)));
    }

    /**
     * Units that some size takes, in the order of the document, at the first size of each scale.
     *
     * @return list<array{string, Unit, SizedDesign}> product key, unit, size
     */
    public function units(): array
    {
        $units = [];
        $seen = [];
        foreach ($this->sizes() as $sized) {
            foreach (array_keys($this->design->units) as $key) {
                $once = $key.' '.$sized->size->scaleKey();
                if (($sized->counts[$key] ?? 0) > 0 && ! isset($seen[$once])) {
                    $seen[$once] = true;
                    $units[] = [$key, $sized->products[$key], $sized];
                }
            }
        }

        return $units;
    }

    /** @return list<array{string, Piece, SizedDesign}> every piece of those units that is cut from cloth or from a strip set */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->units() as [$key, $unit, $sized]) {
            foreach ($this->making($unit)->pieces as $piece) {
                $pieces[] = [$key, $piece, $sized];
            }
        }

        return $pieces;
    }

    public function making(Unit $unit): Making
    {
        return UnitFacts::of($unit, $this->design->room)->making($unit->kind()->methods()[0]);
    }

    /** @return list<string> product keys that some task makes */
    public function made(): array
    {
        $made = [];
        foreach ($this->design->clues as $clue) {
            foreach ($clue->tasks as $task) {
                $made[] = $task->product;
            }
        }

        return $made;
    }

    public function name(string $key): string
    {
        return $this->design->names[$key] ?? $key;
    }

    /** JSON pointer to what declares a product. */
    public function place(string $key): string
    {
        $id = ProductKey::id($key);
        foreach (['units' => $this->design->units, 'blocks' => $this->design->blocks] as $list => $known) {
            if (isset($known[$id])) {
                $declared = $this->design->document[$list] ?? [];

                return '/'.$list.'/'.array_search($id, array_column(is_array($declared) ? $declared : [], 'id'), true);
            }
        }

        return '/setting';
    }
}
