<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\ChangeDraft;
use App\Actions\Host\OpenDraft;
use App\Http\Controllers\Controller;
use App\Http\Requests\EditRequest;
use App\Models\Draft;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\Documents;
use App\Presentation\Host\Workshop\Clash;
use App\Presentation\Host\Workshop\Page\Workshop;
use App\Wording\Host\PlaceName;
use App\Wording\Problems;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Kind\EditLibrary;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** Edits of a draft, one at a time. The answer holds what of the page has changed. */
final class EditController extends Controller
{
    public function __invoke(
        EditRequest $request,
        QuiltAlong $quiltAlong,
        ChangeDraft $change,
        Workshop $workshop,
    ): JsonResponse|RedirectResponse {
        $draft = OpenDraft::of($quiltAlong);
        $person = $this->person($request);
        try {
            $draft = match ($request->action()) {
                'undo' => $change->undo($draft, $person, $request->editId(), $request->entry()),
                'redo' => $change->redo($draft, $person, $request->editId()),
                default => $this->edit($request, $draft, $change),
            };
            $answer = ['outcome' => 'applied'];
        } catch (EditRefused $refused) {
            $answer = ['outcome' => 'refused', 'message' => $this->sentence($refused, $draft)];
        } catch (EditConflict $conflict) {
            $draft->refresh();
            $answer = ['outcome' => 'conflict', ...Clash::of($conflict, Documents::draft($draft))->toArray()];
        }
        if (! $request->expectsJson()) {
            $back = redirect()->back(fallback: route('host.design', $quiltAlong));

            return isset($answer['message']) ? $back->with('warning', $answer['message']) : $back;
        }
        $view = $workshop->view($draft, $person, $request->string('view')->value(), $request->string('of')->value());

        return response()->json($answer + [
            'number' => $draft->number,
            'made' => $request->made(),
            'panels' => $view?->changed($request->string('known')->value()) ?? [],
        ], $answer['outcome'] === 'applied' ? 200 : ($answer['outcome'] === 'conflict' ? 409 : 422));
    }

    /** Why an edit was refused, with its place by the names that the host has given. */
    private function sentence(EditRefused $refused, Draft $draft): string
    {
        if ($refused->place === null || $refused->there === null) {
            return Problems::of($refused);
        }
        [$thing, $part] = PlaceName::of($refused->place, Documents::draft($draft));

        return ($part === '' ? $thing : "$thing, $part").': '.Problems::say($refused->there);
    }

    /**
     * @throws EditRefused
     * @throws EditConflict
     */
    private function edit(EditRequest $request, Draft $draft, ChangeDraft $change): Draft
    {
        $edit = $request->edit();
        $kind = is_string($edit['kind'] ?? null) ? $edit['kind'] : '';

        return $change->edit($draft, $this->person($request), $request->editId(), substr($kind, 0, 30), EditLibrary::read($edit));
    }
}
