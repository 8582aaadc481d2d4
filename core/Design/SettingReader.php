<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Setting\Border;
use Dew\Core\Setting\QuiltAsYouGo;
use Dew\Core\Setting\QuiltingJoin;
use Dew\Core\Setting\Sashing;
use Dew\Core\Setting\Setting;
use Dew\Core\Setting\SettingKind;

/** Reads how blocks are set together. */
final class SettingReader
{
    /** @var array<string, Border> by id, once the setting has been read */
    public array $borders = [];

    private string $firstBlock = '';

    /**
     * @param  array<string, Slot>  $slots
     * @param  array<string, DeclaredBlock>  $declared
     */
    public function __construct(
        private readonly array $slots,
        private readonly Products $products,
        private readonly array $declared,
    ) {
    }

    /** @throws DocumentException */
    public function setting(Node $node): Setting
    {
        $kind = $node->get('kind')->enum(SettingKind::class);
        $pattern = $this->pattern($node->get('pattern'));
        foreach ($node->has('borders') ? $node->get('borders')->items(6) : [] as $border) {
            $read = $this->border($border);
            $this->borders[$read->id] = $read;
        }
        foreach (['alternate', 'triangles'] as $only) {
            if ($kind !== SettingKind::OnPoint && $node->has($only)) {
                throw $node->get($only)->fail('is for blocks set on point.');
            }
        }
        $triangles = $node->has('triangles') ? $node->get('triangles') : null;
        $side = $triangles?->get('side')->known($this->slots, 'fabric');

        return new Setting(
            $kind,
            $pattern,
            array_values($this->borders),
            $node->has('sashing') ? $this->sashing($node->get('sashing')) : null,
            $node->has('alternate') ? $node->get('alternate')->known($this->declared, 'block')->id : null,
            $side,
            $triangles !== null && $triangles->has('corner') ? $triangles->get('corner')->known($this->slots, 'fabric') : $side,
            $node->has('quilting') ? new QuiltAsYouGo($node->get('quilting')->get('join')->enum(QuiltingJoin::class), $node->get('quilting')->get('allowance')->length()) : null,
        );
    }

    /**
     * @return non-empty-list<non-empty-list<string|null>>
     *
     * @throws DocumentException
     */
    public function pattern(Node $node): array
    {
        $pattern = [];
        foreach ($node->items(60, 1) as $row) {
            $ids = array_map(fn (Node $block): ?string => $block->isNull() ? null : $block->known($this->declared, 'block')->id, $row->items(60, 1));
            if ($ids === [] || ($pattern !== [] && count($ids) !== count($pattern[0]))) {
                throw $row->fail('is not as long as the first row of the pattern.');
            }
            $pattern[] = $ids;
        }
        $blocks = array_values(array_filter(array_merge(...$pattern), fn (?string $id): bool => $id !== null));
        if ($pattern === [] || $blocks === []) {
            throw $node->fail('has no block.');
        }
        $this->firstBlock = $this->firstBlock === '' ? $blocks[0] : $this->firstBlock;

        return $pattern;
    }

    /** Finished side of the blocks as drawn, once the setting has been read. */
    public function blockSide(): Length
    {
        return $this->products->blocks[$this->firstBlock]->finished()->width;
    }

    private function sashing(Node $node): Sashing
    {
        return new Sashing(
            $node->get('width')->length(),
            $node->get('fabric')->known($this->slots, 'fabric'),
            $node->has('cornerstones') ? $node->get('cornerstones')->known($this->slots, 'fabric') : null,
            $node->has('outside') && $node->get('outside')->boolean(),
            $node->has('name') ? $node->get('name')->string(60) : null,
            $node->has('cornerstone_name') ? $node->get('cornerstone_name')->string(60) : null,
        );
    }

    private function border(Node $node): Border
    {
        $id = $node->freshId($this->borders);
        if ($node->has('fabric') === $node->has('unit')) {
            throw $node->fail('is either plain, of one "fabric", or pieced, from one "unit".');
        }
        if ($node->has('corner_fabric') && $node->has('corner_unit')) {
            throw $node->get('corner_unit')->fail('stands beside "corner_fabric"; give one of them.');
        }
        $slot = $node->has('fabric') ? $node->get('fabric')->known($this->slots, 'fabric') : null;
        $unit = $node->has('unit') ? $this->unit($node->get('unit')) : null;

        return new Border(
            $id,
            $node->has('name') ? $node->get('name')->string(60) : ($slot->name ?? $this->products->names[(string) $unit]),
            $node->get('width')->length(),
            $slot,
            $unit,
            $node->has('corner_fabric') ? $node->get('corner_fabric')->known($this->slots, 'fabric') : null,
            $node->has('corner_unit') ? $this->unit($node->get('corner_unit')) : null,
        );
    }

    private function unit(Node $node): string
    {
        if ($node->known($this->products->units, 'unit')->kind->isFree()) {
            throw $node->fail('fills no rectangle, so no border can be pieced from it.');
        }

        return $node->id();
    }
}
