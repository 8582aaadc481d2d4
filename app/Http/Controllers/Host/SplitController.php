<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\ChangeDraft;
use App\Actions\Host\OpenDraft;
use App\Http\Controllers\Controller;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\Documents;
use App\Presentation\Host\Workshop\SplitStudy;
use App\Wording\Problems;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Draft\Place;
use Dew\Core\Split\SplitProblem;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** A suggested split of the work into clues, to be looked at and taken, all of it or some. */
final class SplitController extends Controller
{
    public function show(Request $request, QuiltAlong $quiltAlong): View
    {
        $document = Documents::draft(OpenDraft::of($quiltAlong));
        [$clues, $isMystery] = $this->asked($request, $quiltAlong, $document);

        $study = SplitStudy::of($document, $quiltAlong, $clues, $isMystery);

        return view('workshop.split', [
            'quiltAlong' => $quiltAlong,
            'study' => $study,
            'rows' => $study?->rows($document) ?? [],
            'together' => $document->items(Place::of('together')),
            'clues' => $clues,
            'isMystery' => $isMystery,
            'most' => SplitProblem::MOST_CLUES,
        ]);
    }

    public function store(Request $request, QuiltAlong $quiltAlong, ChangeDraft $change): RedirectResponse
    {
        $draft = OpenDraft::of($quiltAlong);
        $document = Documents::draft($draft);
        [$clues, $isMystery] = $this->asked($request, $quiltAlong, $document);
        $study = SplitStudy::of($document, $quiltAlong, $clues, $isMystery);
        // A field holds one text here: every box has a name of its own, and its thing as the value.
        $ticked = array_filter(
            $request->all(),
            fn (int|string $field): bool => str_starts_with((string) $field, 'take_'),
            ARRAY_FILTER_USE_KEY,
        );
        $products = array_filter(
            array_map(strval(...), array_keys($study->moved ?? [])),
            fn (string $product): bool => $request->boolean('all') || in_array($product, $ticked, true),
        );
        $edits = $study === null ? [] : $this->edits($document, $study->taken($document, array_map(strval(...), array_values($products))));
        if ($products === [] || $edits === []) {
            return back()->with('warning', __('workshop.split.nothing'));
        }
        try {
            $change->edit(
                $draft, $this->person($request), (string) Str::uuid(), 'together', EditLibrary::read([
                    'kind' => 'together',
                    'edits' => $edits,
                ]),
            );
        } catch (EditRefused|EditConflict $error) {
            return back()->with('warning', Problems::of($error));
        }

        return redirect()->route('host.draft.clues', $quiltAlong)->with('status', trans_choice('workshop.split.taken', count($products)));
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $lists  tasks by the id of their clue; new clues by "+1" and so on
     * @return list<array<string, mixed>>
     */
    private function edits(DraftDocument $document, array $lists): array
    {
        $edits = [];
        $fresh = fn (array $task): array => isset($task['id']) ? $task : ['id' => 't-'.Str::lower(Str::random(10))] + $task;
        foreach ($lists as $clue => $tasks) {
            $tasks = array_map($fresh, $tasks);
            $place = Place::of('clues', (string) $clue, 'tasks');
            if ($clue[0] === '+') {
                $edits[] = EditLibrary::form('add', to: 'clues', item: [
                    'id' => 'k-'.Str::lower(Str::random(10)), 'title' => __('workshop.new_clue'), 'minutes' => 60, 'tasks' => $tasks,
                ]);
            } elseif ($document->at($place)->value !== $tasks) {
                $edits[] = EditLibrary::form('set', place: $place->text(), to: $tasks, expect: $document->at($place)->value);
            }
        }

        return $edits;
    }

    /** @return array{int, bool} over how many clues, and whether the picture is kept back */
    private function asked(Request $request, QuiltAlong $quiltAlong, DraftDocument $document): array
    {
        $there = max(1, count($document->items(Place::of('clues'))));
        $asked = $request->string('clues')->value();
        $clues = preg_match('/^\d{1,3}$/', $asked) === 1 ? min(
            SplitProblem::MOST_CLUES,
            max(1, (int) $asked),
        ) : min(SplitProblem::MOST_CLUES, $there);

        return [$clues, $request->has('clues') ? $request->boolean('secret') : $quiltAlong->secret];
    }
}
