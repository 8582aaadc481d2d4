<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Known;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Setting\Border;
use Dew\Core\Setting\OtherSetting;
use Dew\Core\Setting\QuiltAsYouGo;
use Dew\Core\Setting\QuiltingJoin;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Setting\Sashing;
use Dew\Core\Setting\Setting;
use Dew\Core\Setting\SettingKind;
use Dew\Core\Sixty\SixtyShape;

/** Reads how blocks are set together, and the sizes on offer. */
final class SettingReader
{
    /** Times larger or smaller than drawn. */
    private const MOST_SCALE = 12;

    /** @var Known<Border> once the setting has been read */
    private readonly Known $borders;

    private string $firstBlock = '';

    /** Whether blocks stand on 60° axes; known once the setting has been read. */
    private bool $sixty = false;

    /**
     * @param  Known<Slot>  $fabrics
     * @param  Known<DeclaredUnit>  $units
     * @param  Known<DeclaredBlock>  $blocks
     */
    public function __construct(
        private readonly Known $fabrics,
        private readonly Known $units,
        private readonly Known $blocks,
        private readonly Products $products,
    ) {
        $this->borders = new Known('border');
    }

    /** @throws DocumentException */
    public function setting(Node $node): Setting
    {
        $kind = $node->get('kind')->enum(SettingKind::class);
        $this->sixty = $kind === SettingKind::Sixty;
        $pattern = $this->pattern($node->get('pattern'), $node->has('ends'));
        foreach ($node->has('borders') ? $node->get('borders')->items(PHP_INT_MAX) : [] as $border) {
            $read = $this->border($border);
            $this->borders->add($read->id, $read);
        }
        $this->onlyWhereItBelongs($node, $kind);
        $triangles = $node->has('triangles') ? $node->get('triangles') : null;
        $side = $triangles === null ? null : $this->fabrics->at($triangles->get('side'));
        $alternate = $node->has('alternate') ? $this->blocks->at($node->get('alternate'))->id : null;

        return new Setting(
            $kind,
            $pattern,
            array_values($this->borders->all()),
            $node->has('sashing') ? $this->sashing($node->get('sashing')) : null,
            $alternate,
            $side,
            $triangles !== null && $triangles->has('corner') ? $this->fabrics->at($triangles->get('corner')) : $side,
            $node->has('quilting') ? $this->quilting($node->get('quilting'), $kind) : null,
            $node->has('ends') ? $this->ends($node->get('ends')) : null,
            $node->has('diamonds') && $node->get('diamonds')->text() === 'upright',
            $node->has('also') ? $this->also($node->get('also')) : [],
            $node->has('arrange') ? $node->get('arrange')->text() : 'free',
        );
    }

    /**
     * @return list<OtherSetting>
     *
     * @throws DocumentException
     */
    private function also(Node $node): array
    {
        $ids = [];
        $also = [];
        foreach ($node->items(PHP_INT_MAX) as $other) {
            $id = $other->freshId($ids);
            $ids[$id] = true;
            $also[] = new OtherSetting($id, $other->get('name')->text(), $this->pattern($other->get('pattern')));
        }

        return $also;
    }

    /** @throws DocumentException when something is given that another kind of setting has */
    private function onlyWhereItBelongs(Node $node, SettingKind $kind): void
    {
        $belongs = [
            'alternate' => [SettingKind::OnPoint], 'triangles' => [SettingKind::OnPoint, SettingKind::Sixty],
            'ends' => [SettingKind::Sixty], 'diamonds' => [SettingKind::Sixty],
            'sashing' => [SettingKind::Straight, SettingKind::OnPoint],
        ];
        foreach ($belongs as $key => $kinds) {
            if ($node->has($key) && ! in_array($kind, $kinds, true)) {
                throw $node->get($key)->fail(match ($key) {
                    'alternate', 'triangles' => 'design.on_point_only',
                    'sashing' => 'design.not_between_triangles',
                    default => 'design.sixty_only',
                });
            }
        }
        if ($this->sixty && ! $node->has('triangles')) {
            throw $node->fail('design.sixty_needs_triangles');
        }
    }

    /**
     * The blocks at the ends of the rows: half a triangle, and its mirror image.
     *
     * @return array{string, string}
     *
     * @throws DocumentException
     */
    private function ends(Node $node): array
    {
        $block = $this->blocks->at($node);
        if ($block->sixty?->shape !== SixtyShape::HalfTriangle) {
            throw $node->fail('design.no_half_triangle');
        }
        $this->firstBlock = $this->firstBlock === '' ? $block->id : $this->firstBlock;

        return [$block->id, $this->products->use($block->id, [], Orientation::of(0, true))[0]];
    }

    /** @throws DocumentException when such a block cannot stand in this kind of setting */
    private function standing(Node $block): string
    {
        $shape = $this->blocks->at($block)->sixty?->shape;
        if ($this->sixty && ($shape === null || $shape === SixtyShape::HalfTriangle)) {
            throw $block->fail('design.no_sixty_block');
        }
        if (! $this->sixty && $shape !== null) {
            throw $block->fail('design.sixty_in_other_setting');
        }

        return $block->id();
    }

    /** @throws DocumentException */
    public function size(Node $node): QuiltSize
    {
        [$scale, $over] = $this->scale($node);

        return new QuiltSize(
            $node->get('id')->id(),
            $node->get('name')->text(),
            $node->get('columns')->integer(1, PHP_INT_MAX),
            $node->get('rows')->integer(1, PHP_INT_MAX),
            $scale,
            $over,
            $node->has('pattern') ? $this->pattern($node->get('pattern')) : null,
            $node->has('borders') ? array_map(
                fn (Node $border): string => $this->borders->at($border)->id,
                $node->get('borders')->items(PHP_INT_MAX),
            ) : null,
            $node->has('border_widths') ? $this->borderWidths($node->get('border_widths')) : [],
        );
    }

    /**
     * @return non-empty-list<non-empty-list<string|null>>
     *
     * @throws DocumentException
     */
    private function pattern(Node $node, bool $mayBeEmpty = false): array
    {
        $pattern = [];
        foreach ($node->items(PHP_INT_MAX) as $row) {
            $ids = array_map(
                fn (Node $block): ?string => $block->isNull() ? null : $this->standing($block),
                $row->items(PHP_INT_MAX),
            );
            if ($ids === [] || ($pattern !== [] && count($ids) !== count($pattern[0]))) {
                throw $row->fail('design.rows_differ');
            }
            $pattern[] = $ids;
        }
        $blocks = array_values(array_filter(array_merge(...$pattern), fn (?string $id): bool => $id !== null));
        if ($pattern === [] || ($blocks === [] && ! $mayBeEmpty)) {
            throw $node->fail('design.empty_pattern');
        }
        $this->firstBlock = $this->firstBlock === '' ? $blocks[0] ?? '' : $this->firstBlock;

        return $pattern;
    }

    private function quilting(Node $node, SettingKind $kind): QuiltAsYouGo
    {
        if ($kind !== SettingKind::Straight) {
            throw $node->fail('design.quilted_in_rows');
        }
        $kept = $node->has('edge_kept') && $node->get('edge_kept')->boolean();

        return new QuiltAsYouGo(
            $node->get('join')->enum(QuiltingJoin::class), $node->get('allowance')->length(), $kept,
            $node->has('trim') ? $node->get('trim')->length() : null,
        );
    }

    private function sashing(Node $node): Sashing
    {
        return new Sashing(
            $node->get('width')->length(),
            $this->fabrics->at($node->get('fabric')),
            $node->has('cornerstones') ? $this->fabrics->at($node->get('cornerstones')) : null,
            $node->has('outside') && $node->get('outside')->boolean(),
            $node->has('name') ? $node->get('name')->text() : null,
            $node->has('cornerstone_name') ? $node->get('cornerstone_name')->text() : null,
        );
    }

    private function border(Node $node): Border
    {
        $id = $node->freshId($this->borders->taken());
        if ($node->has('fabric') === $node->has('unit')) {
            throw $node->fail('design.plain_or_pieced');
        }
        if ($node->has('corner_fabric') && $node->has('corner_unit')) {
            throw $node->get('corner_unit')->fail('design.beside_corner_fabric');
        }
        $mitred = $node->has('mitred') && $node->get('mitred')->boolean();
        if ($mitred && ($node->has('unit') || $node->has('corner_fabric') || $node->has('corner_unit'))) {
            throw $node->get('mitred')->fail('design.mitred_plain_only');
        }
        $slot = $node->has('fabric') ? $this->fabrics->at($node->get('fabric')) : null;
        $unit = $node->has('unit') ? $this->unit($node->get('unit')) : null;

        return new Border(
            $id,
            $node->has('name') ? $node->get('name')->text() : ($slot->name ?? $this->units->named((string) $unit, $node)->name),
            $node->get('width')->length(),
            $slot,
            $unit,
            $node->has('corner_fabric') ? $this->fabrics->at($node->get('corner_fabric')) : null,
            $node->has('corner_unit') ? $this->unit($node->get('corner_unit')) : null,
            $mitred,
        );
    }

    private function unit(Node $node): string
    {
        if ($this->units->at($node)->spec->kind->isFree()) {
            throw $node->fail('design.free_in_a_border');
        }

        return $node->id();
    }

    /** @return array{int, positive-int} */
    private function scale(Node $node): array
    {
        if ($node->has('block') && $node->has('scale')) {
            throw $node->get('scale')->fail('design.beside_block');
        }
        if (! $node->has('block') && ! $node->has('scale')) {
            return [1, 1];
        }
        $given = $node->has('block') ? $node->get('block') : $node->get('scale');
        try {
            [$scale, $over] = $node->has('block') ? $given->length()->over($this->blockSide()) : $given->length()->toFraction();
        } catch (MeasureException) {
            throw $given->fail('design.scale_instead');
        }
        if ($scale > self::MOST_SCALE * $over || $over > self::MOST_SCALE * $scale) {
            throw $node->fail('design.scale_too_far', ['times' => (string) round($scale / $over, 3), 'most' => self::MOST_SCALE]);
        }

        return [$scale, max(1, $over)];
    }

    /** Finished side of the blocks as drawn. */
    private function blockSide(): Length
    {
        $finished = $this->products->product($this->firstBlock)->finished();

        return ($this->blocks->all()[$this->firstBlock] ?? null)?->sixty?->shape?->side($finished) ?? $finished->width;
    }

    /** @return array<string, Length> */
    private function borderWidths(Node $node): array
    {
        $widths = [];
        foreach ($node->entries() as $border => $width) {
            $widths[$this->borders->named($border, $node)->id] = $width->length();
        }

        return $widths;
    }
}
