<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\QuiltAlong;
use App\Presentation\Host\Workshop\Palette;
use Dew\Core\Draft\DraftDocument;
use Illuminate\Contracts\View\View as Html;

/** What all pages of the workshop do with their panels. */
trait MakesPanels
{
    /** @return array<string, mixed> what every panel is told */
    private function about(QuiltAlong $quiltAlong, DraftDocument $document, ?string $colourway = null): array
    {
        return ['quiltAlong' => $quiltAlong, 'document' => $document, 'palette' => Palette::of($document, $colourway)];
    }

    private function panel(Html $view): string
    {
        return trim($view->render());
    }
}
