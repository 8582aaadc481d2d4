<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\Node;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;
use Dew\Core\Unit\Unit;
use InvalidArgumentException;

/**
 * What can only be told of a whole design: whether every size can be laid out, whether everything in it can be made on its cloth, and
 * whether what a pattern states names pieces that there are.
 */
final readonly class DesignChecks
{
    private function __construct(
        private Compilation $compilation,
        private Node $root,
        private Complaints $complaints,
    ) {
    }

    public static function of(Design $design, Complaints $complaints): void
    {
        $checks = new self(Compilation::of($design), $design->document->node(), $complaints);
        $checks->sizes();
        $checks->stated();
    }

    private function sizes(): void
    {
        $seen = [];
        foreach (array_values($this->compilation->design->sizes) as $index => $size) {
            try {
                $sized = $this->compilation->sized($size->id);
            } catch (InvalidArgumentException $error) {
                $this->complaints->add("/sizes/$index", Problem::of($error));

                continue;
            } catch (MeasureException $error) {
                $this->complaints->add("/sizes/$index", new Problem('design.not_computed', ['problem' => Problem::of($error)]));

                continue;
            }
            foreach ($sized->products as $key => $product) {
                if (! isset($seen[spl_object_id($product)])) {
                    $seen[spl_object_id($product)] = true;
                    $this->make((string) $key, $product, $size->id);
                }
            }
        }
    }

    private function make(string $key, Unit $product, string $size): void
    {
        if ($product->kind()->isBlock() && $product->contents() === []) {
            // That its places are empty is said of the block already.
            return;
        }
        try {
            $this->compilation->usualMaking($product);
        } catch (InvalidArgumentException|MeasureException $error) {
            $this->complaints->add($this->declaration($key), new Problem('design.not_made_at_size', ['size' => $size, 'problem' => Problem::of($error)]));
        }
    }

    private function stated(): void
    {
        $design = $this->compilation->design;
        $first = array_values($design->sizes)[0] ?? null;
        $products = $first === null ? [] : $this->compilation->products($first->scale, $first->scaleOver);
        foreach ($design->stated as $id => $stated) {
            if ($stated->method === null || ! isset($products[$id])) {
                continue;
            }
            $kind = $products[$id]->kind();
            if (! $kind->isMadeBy($stated->method)) {
                $this->complaints->add($stated->place.'/method', new Problem('design.no_way_to_make', ['kind' => $kind->value]));

                continue;
            }
            try {
                $pieces = $this->compilation->work($products[$id])->making($stated->method)->pieces;
            } catch (InvalidArgumentException) {
                // That it cannot be made was said where it is declared.
                continue;
            }
            $ids = array_map(fn ($piece): string => $piece->id, $pieces);
            foreach (array_keys($stated->cut) as $piece) {
                if (! in_array($piece, $ids, true)) {
                    $problem = new Problem('design.no_piece_by_method', [
                        'piece' => $piece, 'method' => $stated->method->value, 'pieces' => implode(', ', $ids),
                    ]);
                    $this->complaints->add($stated->place.'/cut/'.Node::escaped($piece), $problem);
                }
            }
        }
    }

    /** Where a unit, a block or a part of the setting is declared, by its product key. */
    private function declaration(string $key): string
    {
        foreach (['units', 'blocks'] as $list) {
            foreach ($this->root->get($list)->items(PHP_INT_MAX) as $node) {
                if ($node->has('id') && $node->get('id')->isText(ProductKey::id($key))) {
                    return $node->pointer();
                }
            }
        }

        return str_starts_with($key, 'border') ? '/setting/borders' : '/setting';
    }
}
