<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Design\DesignDocument;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Sixty\SixtyShape;

/**
 * Small documents that hold one thing of a design and what lies in it, so that after an edit only what was touched is read and computed
 * again. Two drafts in which the thing is the same have the same excerpt.
 */
final class Excerpt
{
    private const ROOM = ['dew', 'seam', 'usable_width', 'methods', 'pace', 'fabrics', 'colourways'];

    /**
     * One block with everything in it, set alone at every scale at which the quilt has it.
     *
     * @throws EditRefused when there is no such block
     */
    public static function ofBlock(DraftDocument $document, string $block): DesignDocument
    {
        if (! $document->at(Place::of('blocks', $block))->exists) {
            throw new EditRefused('no_block', ['block' => $block]);
        }

        return self::document($document, self::within($document, [['blocks', $block]]), $block, self::scales($document));
    }

    /**
     * A text that is the same for two drafts in which a block, and all it is made of and drawn in, are the same: cheaper to make than the
     * excerpt.
     *
     * @throws EditRefused when there is no such block
     */
    public static function keyOfBlock(DraftDocument $document, string $block): string
    {
        if (! $document->at(Place::of('blocks', $block))->exists) {
            throw new EditRefused('no_block', ['block' => $block]);
        }
        $parts = [array_intersect_key($document->value, array_flip(self::ROOM)), self::scales($document), $block];
        $needed = self::within($document, [['blocks', $block]]);
        $parts[] = self::clues($document, $needed);
        foreach ($needed as $list => $ids) {
            foreach (array_keys($ids) as $id) {
                $parts[] = $document->at(Place::of($list, (string) $id))->value;
            }
        }

        return hash('sha256', serialize($parts));
    }

    /**
     * Some units with everything in them. So that it is a design, a block called `b-alone` stands beside them.
     *
     * @param  list<string>  $units  by id; those that are not there are passed over
     */
    public static function ofUnits(DraftDocument $document, array $units): DesignDocument
    {
        $needed = self::within($document, array_map(fn (string $unit): array => ['units', $unit], $units));
        $fabric = Place::idOf($document->items(Place::of('fabrics'))[0] ?? null);
        $alone = new DraftDocument([
            'units' => [...$document->items(Place::of('units')), [
                'id' => 'u-alone', 'name' => 'u-alone', 'kind' => 'square', 'finished' => '1', 'fabrics' => [$fabric],
            ]],
            'blocks' => [...$document->items(Place::of('blocks')), [
                'id' => 'b-alone', 'name' => 'b-alone', 'columns' => ['1'], 'rows' => ['1'],
                'cells' => [['column' => 1, 'row' => 1, 'unit' => 'u-alone']],
            ]],
        ] + $document->value);
        $needed['units'] += ['u-alone' => true];
        $needed['blocks'] += ['b-alone' => true];

        return self::document($alone, $needed, 'b-alone', []);
    }

    /**
     * Everything that lies in some things, however deep, and those themselves.
     *
     * @param  list<array{string, string}>  $look  list and id
     * @return array{units: array<string, true>, blocks: array<string, true>}
     */
    private static function within(DraftDocument $document, array $look): array
    {
        $needed = ['units' => [], 'blocks' => []];
        while ($look !== []) {
            [$list, $id] = array_shift($look);
            $item = $document->at(Place::of($list, $id))->value;
            if (isset($needed[$list][$id]) || ! is_array($item)) {
                continue;
            }
            $needed[$list === 'units' ? 'units' : 'blocks'][$id] = true;
            foreach (References::in(new DraftDocument([$list => [$item]])) as $reference) {
                if ($reference->list === 'units' || $reference->list === 'blocks') {
                    $look[] = [$reference->list, $reference->id];
                }
            }
        }

        return $needed;
    }

    /**
     * @param  array{units: array<string, true>, blocks: array<string, true>}  $needed
     * @param  list<array<string, mixed>>  $sizes
     */
    private static function document(DraftDocument $document, array $needed, string $block, array $sizes): DesignDocument
    {
        $kept = fn (string $list): array => array_values(array_filter(
            $document->items(Place::of($list)),
            fn (array $item): bool => isset($needed[$list][(string) Place::idOf($item)]),
        ));

        $sizes = $sizes === [] ? [['id' => 's-alone', 'name' => 's-alone', 'columns' => 1, 'rows' => 1]] : $sizes;
        $setting = self::setting($document, $block);
        if ($setting['kind'] === 'sixty') {
            // A diamond covers two places of its row.
            $sizes = array_map(fn (array $size): array => ['columns' => 2] + $size, $sizes);
        }

        return DesignDocument::of([
            ...array_intersect_key($document->value, array_flip(self::ROOM)),
            'id' => 'excerpt',
            'title' => 'Excerpt',
            'units' => $kept('units'),
            'blocks' => $kept('blocks'),
            'setting' => $setting,
            'sizes' => $sizes,
            'clues' => self::clues($document, $needed),
        ]);
    }

    /**
     * A quilt of this block alone; on 60° axes of a row that has room for it.
     *
     * @return array<string, mixed>
     */
    private static function setting(DraftDocument $document, string $block): array
    {
        $sixty = SixtyPlaces::of($document, Place::of('blocks', $block));
        if ($sixty === null) {
            return ['kind' => 'straight', 'pattern' => [[$block]]];
        }
        $side = (string) Place::idOf($document->items(Place::of('fabrics'))[0] ?? null);
        $laid = $sixty->grid->shape === SixtyShape::HalfTriangle
            ? ['pattern' => [[null, null]], 'ends' => $block]
            : ['pattern' => [[$block, null]]];

        return ['kind' => 'sixty', 'triangles' => ['side' => $side]] + $laid;
    }

    /**
     * One clue with the tasks that make something of an excerpt: what is made by a task of its own is not cut with the block.
     *
     * @param  array{units: array<string, true>, blocks: array<string, true>}  $needed
     * @return list<array<string, mixed>>
     */
    private static function clues(DraftDocument $document, array $needed): array
    {
        $made = [];
        foreach ($document->items(Place::of('clues')) as $clue) {
            foreach (DraftDocument::tasks($clue) as $task) {
                $of = [$task['unit'] ?? null, $task['block'] ?? null];
                if ((is_string($of[0]) && isset($needed['units'][$of[0]])) || (is_string($of[1]) && isset($needed['blocks'][$of[1]]))) {
                    $made[] = $task;
                }
            }
        }

        return $made === [] ? [] : [['id' => 'k-excerpt', 'title' => 'Excerpt', 'minutes' => 0, 'tasks' => $made]];
    }

    /**
     * The sizes of a quilt, each with its blocks once. A size that gives the side of its blocks is told by its scale here, because the side
     * is that of the first block of the pattern.
     *
     * @return list<array<string, mixed>>
     */
    private static function scales(DraftDocument $document): array
    {
        $side = null;
        $sizes = [];
        foreach ($document->items(Place::of('sizes')) as $size) {
            $scale = $size['scale'] ?? null;
            if (is_string($size['block'] ?? null)) {
                $side ??= self::sideOfFirstBlock($document);
                $scale = self::share($size['block'], $side);
            }
            if (isset($size['id'], $size['name'])) {
                $sizes[] = ['id' => $size['id'], 'name' => $size['name'], 'columns' => 1, 'rows' => 1]
                    + (is_string($scale) ? ['scale' => $scale] : []);
            }
        }

        return $sizes;
    }

    private static function share(string $block, ?Length $side): ?string
    {
        try {
            [$scale, $over] = $side === null ? [1, 1] : Length::parse($block)->over($side);

            return LengthText::of(Length::fraction($scale, $over));
        } catch (MeasureException) {
            return null;
        }
    }

    /** The finished side of the blocks as drawn; null while that cannot be told. */
    private static function sideOfFirstBlock(DraftDocument $document): ?Length
    {
        $shared = $document->at(Place::of('setting', 'pattern'))->value;
        foreach ([$shared, ...array_column($document->items(Place::of('sizes')), 'pattern')] as $rows) {
            foreach (is_array($rows) ? array_merge(...array_values(array_filter($rows, is_array(...)))) : [] as $block) {
                if (is_string($block)) {
                    return self::sideOf($document, $block);
                }
            }
        }

        return null;
    }

    private static function sideOf(DraftDocument $document, string $block): ?Length
    {
        $sixty = SixtyPlaces::of($document, Place::of('blocks', $block));
        $columns = $sixty === null
            ? $document->at(Place::of('blocks', $block, 'columns'))->value
            : array_fill(0, $sixty->grid->rows, $sixty->edge);
        $widths = array_filter(is_array($columns) ? $columns : [], is_string(...));
        try {
            if (! in_array('auto', $widths, true)) {
                return Length::sum(array_map(Length::parse(...), array_values($widths)));
            }
            $excerpt = self::document($document, self::within($document, [['blocks', $block]]), $block, []);

            return (DesignReader::stored($excerpt->text)->blocks[$block] ?? null)?->finished()->width;
        } catch (MeasureException|DocumentException) {
            return null;
        }
    }
}
