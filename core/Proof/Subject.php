<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use ArithmeticError;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Design\ProductKey;
use Dew\Core\Design\SizedDesign;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use InvalidArgumentException;

/**
 * The design under proof, with what every check asks of it. Units are made by the methods the design usually makes them by. What cannot be
 * computed is an error, and left out of everything else that is asked.
 */
final readonly class Subject
{
    public Compilation $compilation;

    /** @var array<int, SizedDesign> */
    private array $sizes;

    /** @var array<string, array<string, Finding>> by product key and the key of a scale */
    private array $faulty;

    /** @param  bool  $isBegun  whether members have a clue open already, so that what is missing must not stop a correction */
    public function __construct(public Design $design, public bool $isBegun = false)
    {
        $this->compilation = Compilation::of($design);
        $sizes = [];
        foreach (array_map(strval(...), array_keys($design->sizes)) as $index => $size) {
            try {
                $sizes[$index] = $this->compilation->sized($size);
            } catch (InvalidArgumentException|MeasureException) {
                // Why it cannot be laid out stands among the complaints of the reader.
                continue;
            }
        }
        $this->sizes = $sizes;
        $faulty = [];
        foreach ($sizes as $sized) {
            foreach (array_keys(array_filter($sized->counts)) as $key) {
                $problem = isset($faulty[$key][$sized->size->scaleKey()]) ? null : $this->problem($sized->products[$key]);
                if ($problem !== null) {
                    $faulty[$key][$sized->size->scaleKey()] = new Finding('uncomputable', Severity::Error, $this->place((string) $key), [
                        'unit' => $sized->names[$key] ?? (string) $key, 'size' => $sized->size->name,
                    ], problem: $problem);
                }
            }
        }
        $this->faulty = $faulty;
    }

    /** Why something cannot be drawn, cut or made in every way there is; null when it can. */
    private function problem(Unit $unit): ?Problem
    {
        $work = $this->compilation->work($unit);
        if ($unit->kind()->isBlock() && $unit->contents() === []) {
            // That its places are empty is said of the block already.
            return null;
        }
        try {
            $work->patches();
            $work->digest();
            $work->overhangs();
            $work->seamwork();
            $work->cutArea();
            foreach ($work->ways() as $making) {
                $work->perStrip($making->method);
            }
        } catch (InvalidArgumentException|MeasureException|ArithmeticError $error) {
            return Problem::of($error);
        }

        return null;
    }

    /** @return list<Finding> what cannot be computed, each once at the first size of its scale */
    public function uncomputable(): array
    {
        return array_merge(...array_map(array_values(...), array_values($this->faulty)));
    }

    /** @return array<string, int> how many of each thing a size takes, by product key, without what cannot be computed */
    public function counts(SizedDesign $sized): array
    {
        $scale = $sized->size->scaleKey();

        return $this->faulty === [] ? $sized->counts : array_filter(
            $sized->counts, fn (string|int $key): bool => ! isset($this->faulty[$key][$scale]), ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * The sizes that can be laid out; of a published design all can.
     *
     * @return array<int, SizedDesign> by their number in the document
     */
    public function sizes(): array
    {
        return $this->sizes;
    }

    /** Whether every size can be laid out, so that what no size has is used nowhere. */
    public function isWhole(): bool
    {
        return count($this->sizes) === count($this->design->sizes);
    }

    /**
     * Units that some size takes, in the order of the document, at the first size of each scale.
     *
     * @return list<array{string, Unit, SizedDesign}> product key, unit, size
     */
    public function units(): array
    {
        return $this->products(array_map(strval(...), array_keys($this->design->units)));
    }

    /**
     * Blocks that some size takes, likewise.
     *
     * @return list<array{string, Unit, SizedDesign}>
     */
    public function blocks(): array
    {
        return $this->products(array_map(strval(...), array_keys($this->design->blocks)));
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
        return $this->compilation->usualMaking($unit);
    }

    public function name(string $key): string
    {
        return $this->design->names[$key] ?? $key;
    }

    /** JSON pointer to what declares a product. */
    public function place(string $key): string
    {
        $id = ProductKey::id($key);
        foreach (['units', 'blocks'] as $list) {
            $declared = $this->design->document->value[$list] ?? [];
            $index = array_search($id, array_column(is_array($declared) ? $declared : [], 'id'), true);
            if ($index !== false) {
                return '/'.$list.'/'.$index;
            }
        }

        return '/setting';
    }

    /**
     * @param  list<string>  $keys
     * @return list<array{string, Unit, SizedDesign}>
     */
    private function products(array $keys): array
    {
        $products = [];
        $seen = [];
        foreach ($this->sizes() as $sized) {
            foreach ($keys as $key) {
                $once = $key.' '.$sized->size->scaleKey();
                if ($sized->count($key) > 0 && ! isset($seen[$once]) && ! isset($this->faulty[$key][$sized->size->scaleKey()])) {
                    $seen[$once] = true;
                    $products[] = [$key, $sized->products[$key], $sized];
                }
            }
        }

        return $products;
    }
}
