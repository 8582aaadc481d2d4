<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\QuiltAlong;
use App\Presentation\Host\Workshop\View;
use Dew\Core\Draft\DraftDocument;

/** A page on which a design is drawn up, as a list of panels. */
interface WorkshopPage
{
    /**
     * @param  string  $of  what it is about, such as the id of a block; empty where that is not said
     * @return View|null null when there is nothing that it could show
     */
    public function view(QuiltAlong $quiltAlong, DraftDocument $document, string $of): ?View;
}
