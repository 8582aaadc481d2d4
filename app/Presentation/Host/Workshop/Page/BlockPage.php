<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\QuiltAlong;
use App\Presentation\Host\Workshop\BlockStudy;
use App\Presentation\Host\Workshop\Board;
use App\Presentation\Host\Workshop\InQuilt;
use App\Presentation\Host\Workshop\KindLooks;
use App\Presentation\Host\Workshop\Looks;
use App\Presentation\Host\Workshop\View;
use App\Wording\Host\ValueText;
use Dew\Core\Draft\DraftCell;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;

/** One block with its grid, the shelf of units and its facts. `of` is its id. */
final class BlockPage implements WorkshopPage
{
    use MakesPanels;

    public function view(QuiltAlong $quiltAlong, DraftDocument $document, string $of): ?View
    {
        $place = Place::of('blocks', $of);
        $block = $of === '' ? null : $document->at($place)->value;
        if (! is_array($block)) {
            return null;
        }
        $about = $this->about($quiltAlong, $document) + [
            'id' => $of,
            'block' => $block,
            'study' => BlockStudy::of($document, $of, $quiltAlong->units),
            'looks' => Looks::ofUnits($document),
            'ways' => self::ways($document, $place),
        ];
        $about['board'] = Board::of($document, $of, $about['study']);
        $about['inQuilt'] = InQuilt::of($document, $of, $about['study'], $quiltAlong->units);

        $about['problem'] = $about['study']->problem === null ? null : ValueText::named($about['study']->problem, $document);

        return new View('block', $of, is_string($block['name'] ?? null) ? $block['name'] : $of, [
            'grid' => $this->panel(view('workshop.grid', $about)),
            'shelf' => $this->panel(view('workshop.shelf', $about)),
            'facts' => $this->panel(view('workshop.facts', $about)),
            'new-unit' => $this->panel(view('workshop.new-unit', $about + ['kinds' => KindLooks::all()])),
        ]);
    }

    /**
     * Other ways to turn the parts of a block.
     *
     * @return list<array{id: string, name: string, turns: int, item: array<array-key, mixed>}> how many parts are turned in each
     */
    private static function ways(DraftDocument $document, Place $block): array
    {
        $ways = [];
        $cells = array_map(DraftCell::of(...), $document->items($block->within('cells')));
        foreach ($document->items($block->within('ways')) as $way) {
            $id = (string) Place::idOf($way);
            $turned = array_filter($cells, fn (DraftCell $cell): bool => $cell->furtherIn($id) !== 0);
            $ways[] = [
                'id' => $id,
                'name' => is_string($way['name'] ?? null) ? $way['name'] : $id,
                'turns' => count($turned),
                'item' => $way,
            ];
        }

        return $ways;
    }
}
