<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\QuiltAlong;
use App\Presentation\Host\Workshop\ClueStudy;
use App\Presentation\Host\Workshop\ClueWork;
use App\Presentation\Host\Workshop\View;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;

/** One clue: its words, its steps and how members will see it. `of` is its id; behind strokes the size and the colourway it is looked at in. */
final class DraftCluePage implements WorkshopPage
{
    use MakesPanels;

    public function view(QuiltAlong $quiltAlong, DraftDocument $document, string $of): ?View
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
            'words' => $this->panel(view('workshop.clue-words', $about)),
            'steps' => $this->panel(view('workshop.clue-steps', $about)),
            'preview' => $this->panel(view('workshop.clue-preview', $about + ['size' => $size, 'colourway' => $colourway])),
        ]);
    }
}
