<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Actions\Host\ChangeDraft;
use App\Actions\Host\OpenDraft;
use App\Models\Draft;
use App\Models\QuiltAlong;
use App\Models\TestRemark;
use App\Models\User;
use App\Pictures\DesignArchive;
use App\Presentation\Host\ValueText;
use Dew\Core\Draft\Cell;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;
use Illuminate\Contracts\View\View as Html;
use Illuminate\Support\Facades\View as ViewFactory;

/** Puts the pages of the workshop together, each as a list of panels. */
final class Workshop
{
    /** Pixels of the longer side of a drawing on a card. */
    /** @return View|null null when there is no such page, or nothing that it could show */
    public function view(Draft $draft, User $person, string $name, string $of): ?View
    {
        $document = OpenDraft::design($draft);
        // Every form of a page sends its edit to one address.
        ViewFactory::share('editsUrl', route('host.edits.store', $draft->quiltAlong));
        $view = match ($name) {
            'quilt' => $this->quilt($draft->quiltAlong, $document, $of),
            'cloth' => $this->cloth($draft->quiltAlong, $document),
            'blocks' => $this->blocks($draft->quiltAlong, $document),
            'block' => $this->block($draft->quiltAlong, $document, $of),
            'unit' => $this->unit($draft->quiltAlong, $document, $of),
            'clues' => $this->clues($draft->quiltAlong, $document, $of),
            'clue' => $this->clue($draft->quiltAlong, $document, $of),
            'proof' => $this->proof($draft->quiltAlong, $document),
            default => null,
        };
        if ($view === null) {
            return null;
        }
        $bar = view('workshop.bar', [
            'undo' => ChangeDraft::lastStanding($draft, $person),
            'redo' => ChangeDraft::lastUndone($draft, $person),
        ]);

        $pictures = DesignArchive::named($draft->document);
        $cloths = $pictures === [] ? [] : ['cloths' => $this->html(view('workshop.cloths', [
            'quiltAlong' => $draft->quiltAlong, 'pictures' => $pictures,
        ]))];

        return new View($view->name, $view->of, $view->title, ['bar' => $this->html($bar), ...$cloths, ...$view->panels]);
    }

    private function quilt(QuiltAlong $quiltAlong, DraftDocument $document, string $colourway): View
    {
        $about = $this->about($quiltAlong, $document, $colourway) + [
            'study' => QuiltStudy::of($document, Palette::of($document, $colourway)->colourway, $quiltAlong->units),
            'pattern' => Pattern::of($document),
        ];

        return new View('quilt', $colourway, __('workshop.quilt'), [
            'pattern' => $this->html(view('workshop.pattern', $about)),
            'setting' => $this->html(view('workshop.setting', $about)),
            'sizes' => $this->html(view('workshop.sizes', $about)),
        ]);
    }

    private function cloth(QuiltAlong $quiltAlong, DraftDocument $document): View
    {
        return new View('cloth', '', __('workshop.cloth'), [
            'cloth' => $this->html(view('workshop.cloth', $this->about($quiltAlong, $document) + ['meetings' => Meetings::of($document)])),
        ]);
    }

    private function blocks(QuiltAlong $quiltAlong, DraftDocument $document): View
    {
        $about = $this->about($quiltAlong, $document);

        return new View('blocks', '', __('workshop.blocks'), [
            'blocks' => $this->html(view('workshop.blocks', $about + [
                'studies' => BlockStudy::all($document, $quiltAlong->units), 'looks' => CardLooks::of($quiltAlong, $document),
            ])),
            'units' => $this->html(view('workshop.units', $about + ['looks' => Looks::ofUnits($document)])),
        ]);
    }

    private function block(QuiltAlong $quiltAlong, DraftDocument $document, string $id): ?View
    {
        $place = Place::of('blocks', $id);
        $block = $id === '' ? null : $document->at($place)->value;
        if (! is_array($block)) {
            return null;
        }
        $about = $this->about($quiltAlong, $document) + [
            'id' => $id,
            'block' => $block,
            'study' => BlockStudy::of($document, $id, $quiltAlong->units),
            'looks' => Looks::ofUnits($document),
            'ways' => self::ways($document, $place),
        ];
        $about['board'] = Board::of($document, $id, $about['study']);
        $about['inQuilt'] = InQuilt::of($document, $id, $about['study'], $quiltAlong->units);

        $about['problem'] = $about['study']->problem === null ? null : ValueText::named($about['study']->problem, $document);

        return new View('block', $id, is_string($block['name'] ?? null) ? $block['name'] : $id, [
            'grid' => $this->html(view('workshop.grid', $about)),
            'shelf' => $this->html(view('workshop.shelf', $about)),
            'facts' => $this->html(view('workshop.facts', $about)),
            'new-unit' => $this->html(view('workshop.new-unit', $about + ['kinds' => KindLooks::all()])),
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
        $cells = array_map(Cell::of(...), $document->items($block->within('cells')));
        foreach ($document->items($block->within('ways')) as $way) {
            $id = (string) Place::idOf($way);
            $turned = array_filter($cells, fn (Cell $cell): bool => $cell->furtherIn($id) !== 0);
            $ways[] = [
                'id' => $id,
                'name' => is_string($way['name'] ?? null) ? $way['name'] : $id,
                'turns' => count($turned),
                'item' => $way,
            ];
        }

        return $ways;
    }

    private function unit(QuiltAlong $quiltAlong, DraftDocument $document, string $id): ?View
    {
        $unit = $id === '' ? null : $document->at(Place::of('units', $id))->value;
        if (! is_array($unit)) {
            return null;
        }

        $stated = is_array($unit['stated'] ?? null) ? $unit['stated'] : [];
        $method = is_string($stated['method'] ?? null) ? $stated['method'] : '';

        return new View('unit', $id, is_string($unit['name'] ?? null) ? $unit['name'] : $id, [
            'unit' => $this->html(view('workshop.unit', $this->about($quiltAlong, $document) + [
                'id' => $id, 'unit' => $unit, 'look' => Looks::ofUnits($document)[$id] ?? null, 'stated' => $stated,
                'study' => UnitStudy::of($document, $id, $method, $quiltAlong->units),
                'remarks' => ProofStudy::of($document, $quiltAlong)->about('unit', $id),
            ])),
        ]);
    }

    /** @param  string  $size  the id of the size that is looked at; the first where there is no such size */
    private function clues(QuiltAlong $quiltAlong, DraftDocument $document, string $size): View
    {
        $work = ClueWork::of($document);
        $size = isset($work->sizes[$size]) ? $size : (string) array_key_first($work->sizes);
        $looks = CardLooks::of($quiltAlong, $document);
        $about = $this->about($quiltAlong, $document) + [
            'work' => $work, 'size' => $size, 'columns' => ClueColumns::of($quiltAlong, $document, $work, $size, $looks),
        ];

        return new View('clues', $size, __('workshop.clues'), [
            'drawings' => $looks->isLarge() ? '' : $looks->svg,
            'clues' => $this->html(view('workshop.clues', $about)),
        ]);
    }

    /** @param  string  $of  the id of the clue; behind strokes the size and the colourway it is looked at in */
    private function clue(QuiltAlong $quiltAlong, DraftDocument $document, string $of): ?View
    {
        [$id, $size, $colourway] = [...explode('/', $of), '', ''];
        $clue = $id === '' ? null : $document->at(Place::of('clues', $id))->value;
        if (! is_array($clue)) {
            return null;
        }
        $study = ClueStudy::of($document, $id, $size, $colourway, $quiltAlong->units);
        $number = array_search($id, array_map(Place::idOf(...), $document->items(Place::of('clues'))), true);
        $about = $this->about($quiltAlong, $document) + [
            'id' => $id, 'clue' => $clue, 'number' => (int) $number + 1,
            'page' => $study?->page, 'recap' => $study->recap ?? '',
            'work' => ClueWork::of($document),
        ];

        return new View('clue', $of, is_string($clue['title'] ?? null) ? $clue['title'] : $id, [
            'words' => $this->html(view('workshop.clue-words', $about)),
            'steps' => $this->html(view('workshop.clue-steps', $about)),
            'preview' => $this->html(view('workshop.clue-preview', $about + ['size' => $size, 'colourway' => $colourway])),
        ]);
    }

    private function proof(QuiltAlong $quiltAlong, DraftDocument $document): View
    {
        return new View('proof', '', __('workshop.proof'), [
            'proof' => $this->html(view('workshop.proof', $this->about($quiltAlong, $document) + [
                'proof' => ProofStudy::of($document, $quiltAlong),
                'said' => TestRemark::query()->with('user')->where('quilt_along_id', $quiltAlong->id)->whereNull('answered_at')
                    ->orderBy('id')->get(),
                'numbers' => $quiltAlong->clues()->pluck('number', 'key'),
            ])),
        ]);
    }

    /** @return array<string, mixed> what every panel is told */
    private function about(QuiltAlong $quiltAlong, DraftDocument $document, ?string $colourway = null): array
    {
        return ['quiltAlong' => $quiltAlong, 'document' => $document, 'palette' => Palette::of($document, $colourway)];
    }

    private function html(Html $view): string
    {
        return trim($view->render());
    }
}
