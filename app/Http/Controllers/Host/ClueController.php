<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\Clue;
use App\Models\QuiltAlong;
use App\Models\TestRemark;
use App\Plans\Unreleased\SheetStore;
use App\Presentation\Host\ClueBoard;
use App\Presentation\Host\PreviewLine;
use App\Presentation\Host\RemarkPlaces;
use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\CuttingList;
use App\Presentation\Shared\RecapLines;
use App\Presentation\Shared\TemplatePages;
use App\Support\Pdf;
use App\Support\Words;
use Carbon\CarbonImmutable;
use Dew\Core\Calendar\ReleaseTime;
use Dew\Core\Calendar\ReleaseTimeException;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\MethodChoices;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class ClueController extends Controller
{
    public function index(QuiltAlong $quiltAlong): View
    {
        if ($quiltAlong->published_version_id === null) {
            return view('host.unpublished', ['quiltAlong' => $quiltAlong, 'place' => 'clues', 'title' => __('clues.title')]);
        }

        return view('host.clues', ['quiltAlong' => $quiltAlong, 'board' => ClueBoard::of($quiltAlong, isPending: true)]);
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

        $colourway = $request->string('colourway')->value();
        $notation = $this->notation($request, $quiltAlong);
        $sheet = $sheets->clue($version, $size, $clue, $methods)->readBy($notation);
        $at = $this->moment($request, $quiltAlong);
        $earlier = $quiltAlong->clues()->where('number', '<', $number)->orderByDesc('number')->get()->filter(
            fn (Clue $one): bool => PreviewLine::isOpen($one, $at) || ! PreviewLine::isOpen($clue, $at),
        );

        $page = CluePage::forPreview(
            $sheet, $announcement, $notation, $colourway, CuttingList::kept($sheet, $notation),
        );

        return view('host.preview', [
            'quiltAlong' => $quiltAlong,
            'clue' => $clue,
            'announcement' => $announcement,
            'size' => $size,
            'colourway' => isset($announcement->colourways[$colourway]) ? $colourway : (string) array_key_first($announcement->colourways),
            'notation' => $notation,
            'methods' => $methods,
            'at' => $at,
            'line' => PreviewLine::of($quiltAlong, $at, $size),
            'page' => $page,
            'recap' => RecapLines::html($sheet, array_map(
                fn (ClueSheet $one): CluePage => CluePage::forPreview($one, $announcement, $notation, $colourway),
                $sheets->clues($version, $size, $earlier->toBase()->values(), $methods, expected: true, whole: true),
            ))[0],
            'places' => RemarkPlaces::of($page),
            'remarks' => TestRemark::query()->where(['quilt_along_id' => $quiltAlong->id, 'clue_key' => $clue->key])->with('user')
                ->orderBy('id')->get(),
        ]);
    }

    /** The templates of a clue at true size, at the size and by the methods that the preview shows. */
    public function templates(Request $request, QuiltAlong $quiltAlong, int $number, SheetStore $sheets): Response
    {
        $clue = $quiltAlong->clues()->where('number', $number)->firstOrFail();
        $announcement = $sheets->announcement($quiltAlong->version());
        $size = $request->string('size')->value();
        $size = isset($announcement->sizes[$size]) ? $size : (string) array_key_first($announcement->sizes);
        $sheet = $sheets->clue($quiltAlong->version(), $size, $clue, $this->methods($request, $quiltAlong));
        $notation = $this->notation($request, $quiltAlong);
        $paper = Pdf::paper($request->string('paper')->value(), $notation === Notation::Centimetres);
        $title = __('templates.title', ['name' => $quiltAlong->name, 'clue' => $clue->title]);

        return Pdf::response('print.templates', [
            'title' => $title, 'pages' => TemplatePages::of($sheet, $announcement, $notation, $paper),
        ], $title, $paper);
    }

    /** What the preview is read in, its words too: as a member would who measures in it. */
    private function notation(Request $request, QuiltAlong $quiltAlong): Notation
    {
        $notation = Notation::tryFrom($request->string('notation')->value()) ?? $quiltAlong->units;
        app(Words::class)->measureIn($notation);

        return $notation;
    }

    /** The moment at which it is looked at: an hour on the wall of the quilt-along's zone, or now. */
    private function moment(Request $request, QuiltAlong $quiltAlong): CarbonImmutable
    {
        $asked = $request->string('at')->value();
        if (preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/', $asked) === 1) {
            try {
                return CarbonImmutable::instance(
                    ReleaseTime::of(substr($asked, 0, 10), substr($asked, 11), $quiltAlong->zone)->instant,
                );
            } catch (ReleaseTimeException) {
                return CarbonImmutable::now();
            }
        }

        return CarbonImmutable::now();
    }

    private function methods(Request $request, QuiltAlong $quiltAlong): MethodChoices
    {
        $choices = MethodChoices::defaults($quiltAlong->usualMethods());
        foreach (UnitLibrary::all() as $kind) {
            foreach ($kind->methods() as $method) {
                if ($request->query($kind->value) === $method->value) {
                    $choices = $choices->with($kind, $method);
                }
            }
        }

        return $choices;
    }
}
