<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\QuiltAlong;
use App\Models\TestRemark;
use App\Presentation\Host\Workshop\ProofStudy;
use App\Presentation\Host\Workshop\View;
use Dew\Core\Draft\DraftDocument;

/** What the proof and the testers say. */
final class ProofPage implements WorkshopPage
{
    use MakesPanels;

    public function view(QuiltAlong $quiltAlong, DraftDocument $document, string $of): View
    {
        return new View('proof', '', __('workshop.proof'), [
            'proof' => $this->panel(view('workshop.proof', $this->about($quiltAlong, $document) + [
                'proof' => ProofStudy::of($document, $quiltAlong),
                'said' => TestRemark::query()->with('user')->where('quilt_along_id', $quiltAlong->id)->whereNull('answered_at')
                    ->orderBy('id')->get(),
                'numbers' => $quiltAlong->clues()->pluck('number', 'key'),
            ])),
        ]);
    }
}
