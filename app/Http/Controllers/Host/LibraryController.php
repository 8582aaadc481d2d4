<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\ChangeDraft;
use App\Actions\Host\OpenDraft;
use App\Http\Controllers\Controller;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\Documents;
use App\Presentation\Host\Workshop\Library;
use App\Presentation\Host\Workshop\LibraryBlock;
use App\Presentation\Host\Workshop\Palette;
use App\Wording\Problems;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Kind\TakeBlock;
use Dew\Core\Draft\Place;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** The library of blocks, seen in a design's own cloth, and taking one of them. */
final class LibraryController extends Controller
{
    public function index(Request $request, QuiltAlong $quiltAlong): View
    {
        $library = Library::open();
        $document = Documents::draft(OpenDraft::of($quiltAlong));
        $asked = array_map(fn (string $field): string => $request->string($field)->value(), [
            'grid' => 'grid', 'technique' => 'technique', 'difficulty' => 'difficulty', 'seams' => 'seams',
        ]);

        return view('workshop.library', [
            'quiltAlong' => $quiltAlong,
            'library' => $library,
            'blocks' => array_values(array_filter($library->blocks, fn (LibraryBlock $block): bool => self::fits($block, $asked))),
            'asked' => $asked,
            'fabrics' => $library->match($document, $this->wanted($request, $library)),
            'palette' => Palette::of($document),
        ]);
    }

    public function store(Request $request, QuiltAlong $quiltAlong, ChangeDraft $change): RedirectResponse
    {
        $library = Library::open();
        $draft = OpenDraft::of($quiltAlong);
        $block = $library->block($request->string('block')->value()) ?? abort(404);
        try {
            $fabrics = $library->match(Documents::draft($draft), $this->wanted($request, $library));
            $changed = $change->edit(
                $draft,
                $this->person($request),
                (string) Str::uuid(),
                'take',
                TakeBlock::of($library->document, $block->id, $fabrics),
            );
        } catch (EditRefused|EditConflict $error) {
            return back()->with('warning', Problems::of($error));
        }
        $blocks = Documents::draft($changed)->items(Place::of('blocks'));
        $last = Place::idOf($blocks[count($blocks) - 1] ?? null);

        return $changed->number === $draft->number || $last === null
            ? redirect()->route('host.blocks', $quiltAlong)->with('status', __('workshop.had_it', ['name' => $block->name]))
            : redirect()->route('host.blocks.show', [$quiltAlong, $last])->with('status', __('workshop.taken', ['name' => $block->name]));
    }

    /** @param  array<string, string>  $asked */
    private static function fits(LibraryBlock $block, array $asked): bool
    {
        return ($asked['grid'] === '' || $block->grid() === $asked['grid'])
            && ($asked['technique'] === '' || in_array($asked['technique'], $block->techniques, true))
            && ($asked['difficulty'] === '' || $block->difficulty === $asked['difficulty'])
            && ($asked['seams'] === '' || $block->seams() <= (int) $asked['seams']);
    }

    /** @return array<string, string> what fabric was chosen for each of the library's */
    private function wanted(Request $request, Library $library): array
    {
        $wanted = [];
        foreach ($library->document->items(Place::of('fabrics')) as $fabric) {
            $id = (string) Place::idOf($fabric);
            $wanted[$id] = $request->string('as_'.$id)->value();
        }

        return array_filter($wanted);
    }
}
