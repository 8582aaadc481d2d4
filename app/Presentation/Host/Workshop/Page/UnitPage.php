<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\QuiltAlong;
use App\Presentation\Host\Workshop\Looks;
use App\Presentation\Host\Workshop\ProofStudy;
use App\Presentation\Host\Workshop\UnitStudy;
use App\Presentation\Host\Workshop\View;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;

/** One unit. `of` is its id. */
final class UnitPage implements WorkshopPage
{
    use MakesPanels;

    public function view(QuiltAlong $quiltAlong, DraftDocument $document, string $of): ?View
    {
        $unit = $of === '' ? null : $document->at(Place::of('units', $of))->value;
        if (! is_array($unit)) {
            return null;
        }

        $stated = is_array($unit['stated'] ?? null) ? $unit['stated'] : [];
        $method = is_string($stated['method'] ?? null) ? $stated['method'] : '';

        return new View('unit', $of, is_string($unit['name'] ?? null) ? $unit['name'] : $of, [
            'unit' => $this->panel(view('workshop.unit', $this->about($quiltAlong, $document) + [
                'id' => $of, 'unit' => $unit, 'look' => Looks::ofUnits($document)[$of] ?? null, 'stated' => $stated,
                'study' => UnitStudy::of($document, $of, $method, $quiltAlong->units),
                'remarks' => ProofStudy::of($document, $quiltAlong)->about('unit', $of),
            ])),
        ]);
    }
}
