<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\QuiltAlong;
use App\Presentation\Host\Workshop\Meetings;
use App\Presentation\Host\Workshop\View;
use Dew\Core\Draft\DraftDocument;

/** Fabrics and colourways. */
final class ClothPage implements WorkshopPage
{
    use MakesPanels;

    public function view(QuiltAlong $quiltAlong, DraftDocument $document, string $of): View
    {
        return new View('cloth', '', __('workshop.cloth'), [
            'cloth' => $this->panel(view('workshop.cloth', $this->about($quiltAlong, $document) + ['meetings' => Meetings::of($document)])),
        ]);
    }
}
