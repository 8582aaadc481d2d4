<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Block\Block;
use Dew\Core\Block\BlockUnit;
use Dew\Core\Block\Cell;
use Dew\Core\Block\SixtyBlock;
use Dew\Core\Block\SixtyBlockUnit;
use Dew\Core\Block\SixtyPart;
use Dew\Core\Block\Way;
use Dew\Core\Document\PassedOver;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Symmetry;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Sixty\SixtySpot;
use Dew\Core\Unit\Kind\CustomPiece;
use Dew\Core\Unit\Kind\PlacedUnit;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\Unit;
use InvalidArgumentException;

/**
 * Finds every unit and block that is really made: what the document declares, and its variants where a block uses it mirrored or in other
 * fabrics.
 *
 * A mirrored unit or block that looks like itself turned round is no variant: it is laid turned. Any other mirrored block is laid out
 * mirrored, cell by cell.
 */
final class Products
{
    /** Blocks within blocks; deeper is a mistake. */
    private const DEEPEST = 12;

    /** Variants that a document may come to before it is refused. */
    private const MOST = 5000;

    /** Units in one block, with those of the blocks in it: far more than could be sewn. */
    private const MOST_UNITS = 4000;

    /** Pieces of one unit, with those of the units in it: more would take minutes to work out. */
    private const MOST_PIECES = 1000;

    /** @var array<string, int> by the key of a block, or of a unit that is made of others */
    private array $unitsIn = [];

    /** @var array<string, int> by unit key */
    private array $piecesIn = [];

    /** @var array<string, int> how deep blocks and units lie in each other, by key */
    private array $depths = [];

    /** @var array<string, UnitSpec> */
    public array $units = [];

    /** @var array<string, Block|SixtyBlock> */
    public array $blocks = [];

    /** @var array<string, string> */
    public array $names = [];

    /** @var array<string, DeclaredUnit> by id */
    private array $declaredUnits = [];

    /** @var array<string, DeclaredBlock> by id */
    private array $declared = [];

    /** @var array<string, Unit> units, and blocks that were asked for their looks, by key */
    private array $made = [];

    /** @var array<string, array<string, true>> ids of the fabrics in a declared block or unit */
    private array $fabricsUsed = [];

    /** @var array<string, int|null> quarter turns that mirror a unit or block, by key */
    private array $mirrorTurns = [];

    /** @param  array<string, Slot>  $slots */
    public function __construct(private readonly array $slots)
    {
    }

    public function declareUnit(DeclaredUnit $unit): void
    {
        $this->declaredUnits[$unit->id] = $unit;
    }

    /** Something declared that cannot be made: what uses it is passed over. */
    public function forget(string $id): void
    {
        unset($this->declaredUnits[$id], $this->declared[$id], $this->units[$id], $this->blocks[$id], $this->names[$id], $this->made[$id]);
    }

    public function declareBlock(DeclaredBlock $block): void
    {
        $this->declared[$block->id] = $block;
    }

    /**
     * The key and turn with which a use of a unit or block is laid, making its variant known.
     *
     * @param  array<string, string>  $fabrics  replacements, by the id replaced
     * @param  list<string>  $within  ids of the blocks and units around it
     * @return array{string, Orientation}
     *
     * @throws InvalidArgumentException when blocks or units contain each other, or there are too many
     * @throws PassedOver when it has faults that were complained of
     */
    public function use(string $id, array $fabrics, Orientation $orientation, array $within = []): array
    {
        if (in_array($id, $within, true)) {
            throw new Refused('design.contains_itself', ['id' => $id, 'chain' => implode(' > ', [...$within, $id])]);
        }
        if (count($within) >= self::DEEPEST) {
            throw new Refused('design.too_deep', ['within' => count($within) + 1, 'most' => self::DEEPEST]);
        }
        if (! isset($this->declaredUnits[$id]) && ! isset($this->declared[$id])) {
            throw new PassedOver;
        }

        return isset($this->declaredUnits[$id])
            ? $this->useUnit($id, $fabrics, $orientation, $within)
            : $this->useBlock($id, $fabrics, $orientation, $within);
    }

    /**
     * @param  array<string, string>  $fabrics
     * @param  list<string>  $within
     * @return array{string, Orientation}
     */
    private function useUnit(string $id, array $fabrics, Orientation $orientation, array $within): array
    {
        $own = $this->fabricsOf($id, $within);
        $changes = fn (string $taken, string $instead): bool => isset($own[$instead]) && $taken !== $instead;
        $fabrics = array_filter($fabrics, $changes, ARRAY_FILTER_USE_BOTH);
        $key = ProductKey::of($id, $fabrics, false);
        $inside = [...$within, $id];
        $this->keepUnit($key, fn (): UnitSpec => $this->inFabrics($this->declaredUnits[$id]->spec, $fabrics, $inside));
        if (! $orientation->mirrored) {
            return [$key, $orientation];
        }
        $turns = $this->turnThatMirrors($key);
        if ($turns !== null) {
            return [$key, Orientation::of($orientation->degrees() + 90 * $turns)];
        }
        $mirrored = ProductKey::of($id, $fabrics, true);
        $this->keepUnit($mirrored, fn (): UnitSpec => $this->units[$key]->mirror($this->mirroredKeys($id, $fabrics, $inside)));

        return [$mirrored, Orientation::of($orientation->degrees())];
    }

    /**
     * A unit as it is declared, in other fabrics, with what it is made of known by product keys.
     *
     * @param  array<string, string>  $fabrics
     * @param  list<string>  $within
     */
    private function inFabrics(UnitSpec $spec, array $fabrics, array $within): UnitSpec
    {
        $options = $spec->options;
        $base = $options->base === null ? null : $this->use($options->base, $fabrics, Orientation::upright(), $within)[0];
        $pieces = [];
        foreach ($options->pieces as $piece) {
            if ($piece->placed !== null) {
                [$key, $laid] = $this->use($piece->placed->product, $fabrics, $piece->placed->orientation, $within);
                $piece = $piece->placing(new PlacedUnit($key, $laid, $piece->placed->at));
            }
            $pieces[] = $piece;
        }
        $taken = array_map(fn (string $slot): Slot => $this->slots[$slot], $fabrics);

        return $spec->withOptions($options->madeOf($base, $pieces))->inFabrics($taken);
    }

    /**
     * The keys of what the mirror image of a unit is made of, by those of what the unit is made of.
     *
     * @param  array<string, string>  $fabrics
     * @param  list<string>  $within
     * @return array<string, string>
     */
    private function mirroredKeys(string $id, array $fabrics, array $within): array
    {
        $options = $this->declaredUnits[$id]->spec->options;
        $uses = $options->base === null ? [] : [[$options->base, Orientation::upright()]];
        foreach ($options->pieces as $piece) {
            if ($piece->placed !== null) {
                $uses[] = [$piece->placed->product, $piece->placed->orientation];
            }
        }
        $keys = [];
        foreach ($uses as [$inner, $laid]) {
            [$plain] = $this->use($inner, $fabrics, $laid, $within);
            [$image] = $this->use($inner, $fabrics, Orientation::of(-$laid->degrees(), ! $laid->mirrored), $within);
            $keys[$plain] = $image;
        }

        return $keys;
    }

    private function turnThatMirrors(string $key): ?int
    {
        if (! array_key_exists($key, $this->mirrorTurns)) {
            $product = $this->product($key);
            $this->mirrorTurns[$key] = Symmetry::turnThatMirrors($product->patches(), $product->finished());
        }

        return $this->mirrorTurns[$key];
    }

    /** A unit or block at its drawn size, by the key of a use that was made known. */
    public function product(string $key): Unit
    {
        if (! isset($this->made[$key])) {
            $keys = isset($this->units[$key]) ? $this->units[$key]->options->contents() : array_keys($this->blocks[$key]->contents());
            $contents = [];
            foreach ($keys as $inner) {
                $contents[$inner] = $this->product($inner);
            }
            $block = $this->blocks[$key] ?? null;
            $this->made[$key] = match (true) {
                $block instanceof SixtyBlock => new SixtyBlockUnit($block, $contents),
                $block instanceof Block => new BlockUnit($block, $contents),
                default => $this->units[$key]->make($contents),
            };
        }

        return $this->made[$key];
    }

    /** Gives a unit or block another name, unless another variant of the same thing has it. */
    public function call(string $key, string $name): void
    {
        $taken = array_filter(
            $this->names, fn (string $one, string $other): bool => $one === $name && $other !== $key && ProductKey::id($other) === ProductKey::id($key),
            ARRAY_FILTER_USE_BOTH,
        );
        if (isset($this->names[$key]) && $taken === []) {
            $this->names[$key] = $name;
        }
    }

    /** @param  callable(): UnitSpec  $make */
    private function keepUnit(string $key, callable $make): void
    {
        if (! isset($this->units[$key])) {
            $this->room();
            $spec = $make();
            $this->weigh($key, $spec->options);
            $this->units[$key] = $spec;
            $this->product($key);
            $declared = $this->declaredUnits[ProductKey::id($key)];
            $this->names[$key] = $this->nameOf($key, $declared->name, $declared->names);
        }
    }

    /** @throws InvalidArgumentException when a unit is made of too much, or of units that lie too deep in each other */
    private function weigh(string $key, UnitOptions $options): void
    {
        $pieces = count($options->corners);
        $units = 0;
        foreach ([$options->base, ...array_map(fn (CustomPiece $piece): ?string => $piece->placed?->product, $options->pieces)] as $inner) {
            $pieces += $inner === null ? 1 : $this->piecesIn[$inner] ?? 1;
            $units += $inner === null ? 0 : $this->unitsIn[$inner] ?? 1;
        }
        if ($pieces > self::MOST_PIECES) {
            throw new Refused('design.too_many_pieces', ['id' => ProductKey::id($key), 'pieces' => $pieces, 'most' => self::MOST_PIECES]);
        }
        $this->piecesIn[$key] = $pieces;
        $this->unitsIn[$key] = max(1, $units);
        $this->deepen($key, $options->contents());
    }

    /**
     * @param  list<string>  $contents  product keys
     *
     * @throws InvalidArgumentException when blocks or units lie too deep in each other
     */
    private function deepen(string $key, array $contents): void
    {
        $deep = 1 + array_reduce($contents, fn (int $most, string $inner): int => max($most, $this->depths[$inner] ?? 0), 0);
        if ($deep > self::DEEPEST) {
            throw new Refused('design.blocks_too_deep', ['deep' => $deep, 'most' => self::DEEPEST]);
        }
        $this->depths[$key] = $deep;
    }

    /**
     * The name the document gives a variant; failing that, the name of what it is a variant of with its fabrics and its hand.
     *
     * @param  array<string, string>  $given  by the use
     */
    private function nameOf(string $key, string $name, array $given): string
    {
        $use = substr($key, strlen(ProductKey::id($key)));
        if ($use === '' || isset($given[$use])) {
            return $given[$use] ?? $name;
        }
        $mirrored = $use === '.m' || str_starts_with($use, '.m.');
        $replaced = array_filter(explode('.', $mirrored ? substr($use, 2) : $use));
        $fabrics = array_map(fn (string $one): string => $this->slots[substr($one, strpos($one, '=') + 1)]->name, $replaced);
        if ($fabrics !== []) {
            // Every fabric of the variant, not only the ones replaced: two variants must not read alike.
            $fabrics = array_unique(array_map(fn (Slot $slot): string => $slot->name, $this->product($key)->slots()));
        }

        return $name.($fabrics === [] ? '' : ' in '.implode(', ', $fabrics)).($mirrored ? ', mirrored' : '');
    }

    /**
     * @param  array<string, string>  $fabrics
     * @param  list<string>  $within
     * @return array{string, Orientation}
     */
    private function useBlock(string $id, array $fabrics, Orientation $orientation, array $within): array
    {
        $fabrics = array_filter($fabrics, fn (string $taken, string $instead): bool => $taken !== $instead, ARRAY_FILTER_USE_BOTH);
        if ($orientation->mirrored) {
            // A block that looks like its mirror image turned is laid turned, like a unit; on 60° axes only where it need not be turned.
            [$plain] = $this->useBlock($id, $fabrics, Orientation::upright(), $within);
            $turns = $this->turnThatMirrors($plain);
            if ($turns !== null && ($turns === 0 || $this->declared[$id]->sixty === null)) {
                return [$plain, Orientation::of($orientation->degrees() + 90 * $turns)];
            }
        }
        $key = ProductKey::of($id, $this->only($id, $fabrics, $within), $orientation->mirrored);
        if (! isset($this->blocks[$key])) {
            $this->room();
            $block = $this->declared[$id]->sixty === null
                ? $this->lay($this->declared[$id], $key, $fabrics, $orientation->mirrored, [...$within, $id])
                : $this->layOnSixty($this->declared[$id], $key, $fabrics, $orientation->mirrored, [...$within, $id]);
            $units = 0;
            foreach ($block->contents() as $product => $count) {
                $units += $count * ($this->unitsIn[$product] ?? 1);
            }
            if ($units > self::MOST_UNITS) {
                throw new Refused('design.too_many_units_in_block', ['id' => $id, 'units' => $units, 'most' => self::MOST_UNITS]);
            }
            $this->unitsIn[$key] = $units;
            $this->deepen($key, array_map(strval(...), array_keys($block->contents())));
            $this->blocks[$key] = $block;
            $this->names[$key] = $this->nameOf($key, $block->name, $this->declared[$id]->names);
        }

        return [$key, Orientation::of($orientation->degrees())];
    }

    /**
     * @param  array<string, string>  $fabrics
     * @param  list<string>  $within
     */
    private function lay(DeclaredBlock $declared, string $key, array $fabrics, bool $mirrored, array $within): Block
    {
        $columns = count($declared->columns);
        $cells = $otherwise = [];
        foreach ($declared->cells as $index => $cell) {
            $inner = array_map(fn (string $taken): string => $fabrics[$taken] ?? $taken, $cell->fabrics) + $fabrics;
            $orientation = $mirrored ? Orientation::of(-$cell->orientation->degrees(), ! $cell->orientation->mirrored) : $cell->orientation;
            [$product, $laid] = $this->use($cell->id, $inner, $orientation, $within);
            $turned = fn (int $degrees): Cell => new Cell(
                $mirrored ? $columns - $cell->column - $cell->across : $cell->column,
                $cell->row,
                $product,
                Orientation::of($laid->degrees() + $degrees, $laid->mirrored),
                $cell->across,
                $cell->down,
            );
            $cells[] = $turned(0);
            foreach ($cell->ways as $way => $degrees) {
                if (is_int($degrees)) {
                    // In the mirror image a turn goes the other way round.
                    $otherwise[$way][$index] = $turned($mirrored ? -$degrees : $degrees);
                }
            }
        }
        $widths = $this->lengths($mirrored ? array_reverse($declared->columns) : $declared->columns, $cells, true);

        $block = new Block(
            $key,
            $declared->name,
            $widths,
            $this->lengths($declared->rows, $cells, false),
            $cells,
            $declared->trimmed,
            $this->ways($declared, $otherwise),
        );
        $this->checkTrimmed($block);

        return $block;
    }

    /**
     * @param  array<string, array<int, Cell|SixtyPart>>  $otherwise  what lies otherwise, by the id of the way and its number in the block
     * @return array<string, Way>
     */
    private function ways(DeclaredBlock $declared, array $otherwise): array
    {
        $ways = [];
        foreach ($declared->ways as $id => $name) {
            $ways[$id] = new Way($name, $otherwise[$id] ?? []);
        }

        return $ways;
    }

    /**
     * @param  array<string, string>  $fabrics
     * @param  list<string>  $within
     */
    private function layOnSixty(DeclaredBlock $declared, string $key, array $fabrics, bool $mirrored, array $within): SixtyBlock
    {
        $parts = $otherwise = [];
        foreach ($declared->cells as $cell) {
            if ($declared->sixty === null || $cell->spot === null) {
                continue;
            }
            $spot = $mirrored ? $declared->sixty->mirrored($cell->spot) : $cell->spot;
            $inner = array_map(fn (string $taken): string => $fabrics[$taken] ?? $taken, $cell->fabrics) + $fabrics;
            // A triangle or diamond of one fabric is its own mirror image; which half of a triangle it is decides its place.
            $over = $spot->shape === SixtyShape::HalfTriangle
                ? $spot->mirrored
                : isset($this->declared[$cell->id]) && $cell->orientation->mirrored !== $mirrored;
            [$product] = $this->use($cell->id, $inner, Orientation::of(0, $over), $within);
            foreach ($cell->ways as $way => $other) {
                if ($other instanceof SixtySpot) {
                    $otherwise[$way][count($parts)] = new SixtyPart($product, $mirrored ? $declared->sixty->mirrored($other) : $other);
                }
            }
            $parts[] = new SixtyPart($product, $spot);
        }

        return new SixtyBlock(
            $key,
            $declared->name,
            $declared->sixty ?? throw new Refused('design.block_not_on_sixty'),
            $declared->edge ?? Length::inches(1),
            $parts,
            $mirrored && $declared->sixty->shape === SixtyShape::HalfTriangle,
            $this->ways($declared, $otherwise),
        );
    }

    /**
     * What is trimmed off comes off the outermost patches alone.
     *
     * @throws InvalidArgumentException when it would take more than there is of them
     */
    private function checkTrimmed(Block $block): void
    {
        if ($block->trimmed === null) {
            return;
        }
        $across = [$block->columns, $block->trimmed->width, 'wide'];
        $down = [$block->rows, $block->trimmed->height, 'high'];
        foreach ([$across, $down] as [$lines, $to, $how]) {
            $off = Length::sum($lines)->minus($to)->dividedBy(2);
            $least = $lines[0]->isLessThan($lines[count($lines) - 1]) ? $lines[0] : $lines[count($lines) - 1];
            if ($off->isNegative() || ! $off->isLessThan($least)) {
                throw new Refused('design.not_trimmed_so_far', ['lines' => Length::sum($lines)->toDecimal(3), 'how' => $how, 'to' => $to->toDecimal(3)]);
            }
        }
    }

    /**
     * Widths as given; where the document says "auto", what the first thing that lies in that column or row alone finishes at.
     *
     * @param  list<Length|null>  $given
     * @param  list<Cell>  $cells
     * @return list<Length>
     *
     * @throws InvalidArgumentException when nothing says how wide it is
     */
    private function lengths(array $given, array $cells, bool $columns): array
    {
        $lengths = [];
        foreach ($given as $index => $length) {
            foreach ($cells as $cell) {
                if ($length === null
                    && ($columns ? $cell->column : $cell->row) === $index
                    && ($columns ? $cell->across : $cell->down) === 1) {
                    $finished = $this->product($cell->product)->finished();
                    $laid = $cell->orientation->sizeOf($finished);
                    $length = $columns ? $laid->width : $laid->height;
                }
            }
            $lengths[] = $length ?? throw new Refused('design.no_width_said', [
                'which' => $columns ? 'wide' : 'high',
                'line' => $columns ? 'column' : 'row',
                'number' => $index + 1,
            ]);
        }

        return $lengths;
    }

    /**
     * Only the replacements that change something in a block.
     *
     * @param  array<string, string>  $fabrics
     * @param  list<string>  $within
     * @return array<string, string>
     */
    private function only(string $id, array $fabrics, array $within): array
    {
        if ($fabrics === []) {
            return [];
        }
        $used = $this->fabricsOf($id, $within);

        return array_filter($fabrics, fn (string $instead): bool => isset($used[$instead]), ARRAY_FILTER_USE_KEY);
    }

    /**
     * @param  list<string>  $within
     * @return array<string, true>
     */
    private function fabricsOf(string $id, array $within): array
    {
        if (isset($this->fabricsUsed[$id]) || in_array($id, $within, true)) {
            return $this->fabricsUsed[$id] ?? [];
        }
        $used = [];
        $inside = [...$within, $id];
        if (isset($this->declaredUnits[$id])) {
            $spec = $this->declaredUnits[$id]->spec;
            $used = array_fill_keys(array_map(fn (Slot $slot): string => $slot->id, $spec->slots), true);
            foreach ($spec->options->contents() as $inner) {
                $used += $this->fabricsOf($inner, $inside);
            }
        } else {
            foreach ($this->declared[$id]->cells as $cell) {
                foreach (array_keys($this->fabricsOf($cell->id, $inside)) as $fabric) {
                    $used[$cell->fabrics[$fabric] ?? $fabric] = true;
                }
            }
        }

        return $this->fabricsUsed[$id] = $used;
    }

    private function room(): void
    {
        if (count($this->units) + count($this->blocks) >= self::MOST) {
            throw new Refused('design.too_many_variants', ['most' => self::MOST]);
        }
    }
}
