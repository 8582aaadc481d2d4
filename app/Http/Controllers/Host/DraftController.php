<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\OpenDraft;
use App\Http\Controllers\Controller;
use App\Models\Draft;
use App\Models\QuiltAlong;
use App\Pictures\DesignArchive;
use App\Pictures\DesignPictures;
use App\Plans\Unreleased\Documents;
use App\Presentation\Host\Workshop\CardLooks;
use App\Presentation\Host\Workshop\Page\Workshop;
use App\Presentation\Host\Workshop\Palette;
use App\Presentation\Host\Workshop\ProofStudy;
use App\Presentation\Host\Workshop\QuiltStudy;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The pages on which a design is drawn up. */
final class DraftController extends Controller
{
    public function __construct(private readonly Workshop $workshop)
    {
    }

    public function quilt(Request $request, QuiltAlong $quiltAlong): View
    {
        return $this->page($request, $quiltAlong, 'quilt', $request->string('colourway')->value());
    }

    public function cloth(Request $request, QuiltAlong $quiltAlong): View
    {
        return $this->page($request, $quiltAlong, 'cloth');
    }

    public function blocks(Request $request, QuiltAlong $quiltAlong): View
    {
        return $this->page($request, $quiltAlong, 'blocks');
    }

    public function block(Request $request, QuiltAlong $quiltAlong, string $block): View
    {
        return $this->page($request, $quiltAlong, 'block', $block);
    }

    public function unit(Request $request, QuiltAlong $quiltAlong, string $unit): View
    {
        return $this->page($request, $quiltAlong, 'unit', $unit);
    }

    public function clues(Request $request, QuiltAlong $quiltAlong): View
    {
        return $this->page($request, $quiltAlong, 'clues', $request->string('size')->value());
    }

    /** What one clue says, and how a member of the asked size and colourway would read it. */
    public function clue(Request $request, QuiltAlong $quiltAlong, string $clue): View
    {
        $plain = fn (string $key): string => str_replace('/', '', $request->string($key)->value());

        return $this->page($request, $quiltAlong, 'clue', implode('/', [$clue, $plain('size'), $plain('colourway')]));
    }

    /** The quilt at one size, as a drawing. */
    public function size(Request $request, QuiltAlong $quiltAlong, string $size): Response
    {
        $document = Documents::draft(OpenDraft::of($quiltAlong));
        $palette = Palette::of($document, $request->string('colourway')->value());

        return $this->svg(QuiltStudy::of($document, $palette->colourway, $quiltAlong->units)->sizes[$size]['picture'] ?? abort(404));
    }

    /** The drawings of the cards of the board. */
    public function cards(QuiltAlong $quiltAlong): Response
    {
        return $this->svg(CardLooks::of($quiltAlong, Documents::draft(OpenDraft::of($quiltAlong)))->svg);
    }

    public function proof(Request $request, QuiltAlong $quiltAlong): View
    {
        return $this->page($request, $quiltAlong, 'proof');
    }

    /** Where the draft stands: asked after an edit, so that the edit need not wait for its proof, and when a page comes to the front. */
    public function state(Request $request, QuiltAlong $quiltAlong): JsonResponse
    {
        $draft = OpenDraft::of($quiltAlong);
        $view = $request->filled('known') ? $this->workshop->view(
            $draft,
            $this->person($request),
            $request->string('view')->value(),
            $request->string('of')->value(),
        ) : null;

        return response()->json([
            'number' => $draft->number,
            'proof' => ProofStudy::of(Documents::draft($draft), $quiltAlong)->summary(),
            'panels' => $view?->changed($request->string('known')->value()) ?? [],
        ]);
    }

    /** The design as an open file; with its pictures, where it has any, in a zip. */
    public function file(QuiltAlong $quiltAlong, DesignArchive $archive, DesignPictures $pictures): Response|BinaryFileResponse
    {
        $document = OpenDraft::asItIs($quiltAlong)->document;
        if (DesignArchive::named($document) !== []) {
            return response()->download($archive->write($document, $pictures->of($quiltAlong)), (Str::slug($quiltAlong->name) ?: 'design').'.zip', [
                'Content-Type' => 'application/zip',
            ])->deleteFileAfterSend();
        }

        return response($document, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($quiltAlong->name) ?: 'design').'.json"',
        ]);
    }

    /** A drawing as a file of its own. Its address changes with it. */
    private function svg(string $drawing): Response
    {
        $file = (string) preg_replace('/<svg /', '<svg xmlns="http://www.w3.org/2000/svg" ', $drawing, 1);

        return response($file, 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'private, max-age=604800']);
    }

    private function page(Request $request, QuiltAlong $quiltAlong, string $name, string $of = ''): View
    {
        $draft = OpenDraft::of($quiltAlong);
        $view = $this->workshop->view($draft, $this->person($request), $name, $of) ?? abort(404);

        return view('workshop.page', ['quiltAlong' => $quiltAlong, 'view' => $view, 'number' => $draft->number]);
    }
}
