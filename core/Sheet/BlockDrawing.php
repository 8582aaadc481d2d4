<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Writer;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\WayLook;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** What a block looks like, each unit in it once and where they lie: a tenth of what all its patches would take. */
final readonly class BlockDrawing
{
    /**
     * @param  string  $block  product key
     * @param  array<string, list<Patch>>  $units  by product key
     * @param  array<string, list<Placement>>  $blocks  the block and those within it, by product key
     * @param  array<string, string>  $names  of all of them
     * @param  array<string, array<string, WayLook>>  $ways  other ways to turn the parts of the blocks, by product key and way
     * @param  array<string, string>  $chosen  the ways in which they are drawn, by the ids of blocks; as designed where there is none
     */
    public function __construct(
        public string $block,
        public array $units,
        public array $blocks,
        public array $names,
        public array $ways = [],
        public array $chosen = [],
    ) {
    }

    /**
     * The same with the parts of some blocks turned as somebody chose. A block or way that is not here is passed over.
     *
     * @param  array<string, string>  $chosen  ids of ways by the ids of blocks
     */
    public function turned(array $chosen): self
    {
        return new self($this->block, $this->units, $this->blocks, $this->names, $this->ways, $chosen);
    }

    /**
     * The blocks in it whose parts may be turned otherwise.
     *
     * @return array<string, array{string, array<string, string>}> by id: the product key of one of them, and the names of the ways by id
     */
    public function choices(): array
    {
        $choices = [];
        foreach ($this->ways as $key => $ways) {
            $choices[self::blockOf($key)] ??= [$key, array_map(fn (WayLook $look): string => $look->name, $ways)];
        }

        return $choices;
    }

    /** The id of a block by its product key: variants of a block are turned like it. */
    private static function blockOf(string $key): string
    {
        return explode('.', $key, 2)[0];
    }

    /** @return list<Patch> in finished inches from the block's top left corner */
    public function patches(): array
    {
        return $this->of($this->block);
    }

    /**
     * A part alone, upright.
     *
     * @return list<Patch>
     */
    public function part(string $key): array
    {
        return $this->of($key);
    }

    /** The finished box of a part: as far as its patches reach. */
    public function box(string $key): Size
    {
        $box = Size::square(Length::zero());
        foreach ($this->of($key) as $patch) {
            foreach ($patch->outline->corners as $corner) {
                $box = new Size(
                    $corner->x->isGreaterThan($box->width) ? $corner->x : $box->width,
                    $corner->y->isGreaterThan($box->height) ? $corner->y : $box->height,
                );
            }
        }

        return $box;
    }

    /** @return list<Patch> */
    private function of(string $key): array
    {
        $look = $this->ways[$key][$this->chosen[self::blockOf($key)] ?? ''] ?? null;
        if (! isset($this->blocks[$key])) {
            return $look->patches ?? $this->units[$key] ?? [];
        }
        $patches = [];
        foreach ($look->placements ?? $this->blocks[$key] as $placement) {
            array_push($patches, ...$placement->lay($this->of($placement->product)));
        }

        return $patches;
    }

    /** @return array<string, mixed> plain data; see {@see fromData()}. The ways chosen are a member's own, and not in it. */
    public function toData(Writer $writer): array
    {
        return [
            'block' => $this->block,
            'units' => (object) array_map($writer->encoded(...), $this->units),
            'blocks' => (object) array_map($writer->encoded(...), $this->blocks),
            'names' => (object) $this->names,
            ...($this->ways === [] ? [] : ['ways' => array_map(
                fn (array $looks): object => (object) array_map(fn (WayLook $look): array => $look->toData($writer), $looks), $this->ways,
            )]),
        ];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return $data->once('block drawing', fn (): self => new self(
            $data->get('block')->text(),
            array_map(Patch::list(...), $data->get('units')->entries()),
            array_map(Placement::list(...), $data->get('blocks')->entries()),
            $data->get('names')->names(),
            array_map(
                fn (Node $looks): array => array_map(WayLook::fromData(...), $looks->entries()),
                $data->has('ways') ? $data->get('ways')->entries() : [],
            ),
        ));
    }
}
