<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\QuiltAlong;
use App\Presentation\Host\Workshop\BlockStudy;
use App\Presentation\Host\Workshop\CardLooks;
use App\Presentation\Host\Workshop\Looks;
use App\Presentation\Host\Workshop\View;
use Dew\Core\Draft\DraftDocument;

/** All blocks and units. */
final class BlocksPage implements WorkshopPage
{
    use MakesPanels;

    public function view(QuiltAlong $quiltAlong, DraftDocument $document, string $of): View
    {
        $about = $this->about($quiltAlong, $document);

        return new View('blocks', '', __('workshop.blocks'), [
            'blocks' => $this->panel(view('workshop.blocks', $about + [
                'studies' => BlockStudy::all($document, $quiltAlong->units), 'looks' => CardLooks::of($quiltAlong, $document),
            ])),
            'units' => $this->panel(view('workshop.units', $about + ['looks' => Looks::ofUnits($document)])),
        ]);
    }
}
