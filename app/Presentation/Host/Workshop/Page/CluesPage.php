<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\QuiltAlong;
use App\Presentation\Host\Workshop\CardLooks;
use App\Presentation\Host\Workshop\ClueColumns;
use App\Presentation\Host\Workshop\ClueWork;
use App\Presentation\Host\Workshop\View;
use Dew\Core\Draft\DraftDocument;

/** The board of clues. `of` is the id of the size that is looked at; the first where there is no such size. */
final class CluesPage implements WorkshopPage
{
    use MakesPanels;

    public function view(QuiltAlong $quiltAlong, DraftDocument $document, string $of): View
    {
        $work = ClueWork::of($document);
        $size = isset($work->sizes[$of]) ? $of : (string) array_key_first($work->sizes);
        $looks = CardLooks::of($quiltAlong, $document);
        $about = $this->about($quiltAlong, $document) + [
            'work' => $work, 'size' => $size, 'columns' => ClueColumns::of($quiltAlong, $document, $work, $size, $looks),
        ];

        return new View('clues', $size, __('workshop.clues'), [
            'drawings' => $looks->isLarge() ? '' : $looks->svg,
            'clues' => $this->panel(view('workshop.clues', $about)),
        ]);
    }
}
