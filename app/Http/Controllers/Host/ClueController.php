<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\QuiltAlong;
use App\Plans\Whole\SheetStore;
use App\Presentation\Host\ClueBoard;
use App\Presentation\Shared\CluePage;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class ClueController extends Controller
{
    public function index(QuiltAlong $quiltAlong): View
    {
        if ($quiltAlong->published_version_id === null) {
            return view('host.unpublished', ['quiltAlong' => $quiltAlong, 'place' => 'clues', 'title' => __('clues.title')]);
        }

        return view('host.clues', ['quiltAlong' => $quiltAlong, 'board' => ClueBoard::of($quiltAlong)]);
    }

    /** A clue as a member of the asked size will see it. */
    public function show(Request $request, QuiltAlong $quiltAlong, int $number, SheetStore $sheets): View
    {
        $clue = $quiltAlong->clues()->where('number', $number)->firstOrFail();
        $version = $quiltAlong->version();
        $announcement = $sheets->announcement($version);
        $size = $request->string('size')->value();
        $size = isset($announcement->sizes[$size]) ? $size : (string) array_key_first($announcement->sizes);
        $methods = $this->methods($request, $quiltAlong);

        return view('host.preview', [
            'quiltAlong' => $quiltAlong,
            'clue' => $clue,
            'announcement' => $announcement,
            'size' => $size,
            'page' => CluePage::forPreview($sheets->clue($version, $size, $clue, $methods), $announcement, Notation::Fractions),
        ]);
    }

    private function methods(Request $request, QuiltAlong $quiltAlong): MethodChoices
    {
        $choices = MethodChoices::defaults($quiltAlong->usualMethods());
        foreach (UnitKind::cases() as $kind) {
            foreach ($kind->methods() as $method) {
                if ($request->query($kind->value) === $method->value) {
                    $choices = $choices->with($kind, $method);
                }
            }
        }

        return $choices;
    }
}
