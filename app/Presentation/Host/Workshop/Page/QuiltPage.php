<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\QuiltAlong;
use App\Presentation\Host\Workshop\Palette;
use App\Presentation\Host\Workshop\Pattern;
use App\Presentation\Host\Workshop\QuiltStudy;
use App\Presentation\Host\Workshop\View;
use Dew\Core\Draft\DraftDocument;

/** The pattern of blocks, the setting and the sizes. `of` is the id of a colourway. */
final class QuiltPage implements WorkshopPage
{
    use MakesPanels;

    public function view(QuiltAlong $quiltAlong, DraftDocument $document, string $of): View
    {
        $about = $this->about($quiltAlong, $document, $of) + [
            'study' => QuiltStudy::of($document, Palette::of($document, $of)->colourway, $quiltAlong->units),
            'pattern' => Pattern::of($document),
        ];

        return new View('quilt', $of, __('workshop.quilt'), [
            'pattern' => $this->panel(view('workshop.pattern', $about)),
            'setting' => $this->panel(view('workshop.setting', $about)),
            'sizes' => $this->panel(view('workshop.sizes', $about)),
        ]);
    }
}
