<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Member\JoinQuiltAlong;
use App\Http\Requests\FindInvitationRequest;
use App\Http\Requests\JoinRequest;
use App\Models\Invitation;
use App\Models\Project;
use App\Plans\Unreleased\SheetStore;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Joining by a code, typed or followed as a link. A code serves many; to somebody already in it offers a second quilt. */
final class JoinController extends Controller
{
    public function index(): View
    {
        return view('join.index');
    }

    public function find(FindInvitationRequest $request): RedirectResponse
    {
        $code = Invitation::tidy($request->validated()['code']);
        if (Invitation::query()->open()->where('code', $code)->doesntExist()) {
            throw ValidationException::withMessages(['code' => __('join.unknown_code')]);
        }

        return redirect()->route('join.show', $code);
    }

    public function show(Request $request, Invitation $code, SheetStore $sheets): View
    {
        $quiltAlong = $code->quiltAlong;
        $person = $request->user();
        if ($person === null) {
            redirect()->setIntendedUrl(route('join.show', $code));
        }

        return view('join.show', [
            'invitation' => $code,
            'quiltAlong' => $quiltAlong,
            'announcement' => $sheets->announcement($quiltAlong->version()),
            'mine' => $person === null ? collect() : Project::query()->whereBelongsTo($person)->whereBelongsTo($quiltAlong)->get(),
        ]);
    }

    public function store(JoinRequest $request, Invitation $code, JoinQuiltAlong $join, SheetStore $sheets): RedirectResponse
    {
        $project = $join(
            $this->person($request),
            $code->quiltAlong,
            $request->projectName(),
            $request->size($sheets->announcement($code->quiltAlong->version())),
            $request->string('colourway')->value(),
            $request->isSizeLater(),
            $request->boolean('second'),
            $request->form(),
        );

        return redirect()->route('member.now', $project)->with('status', __('join.joined', ['quilt' => $code->quiltAlong->name]));
    }
}
