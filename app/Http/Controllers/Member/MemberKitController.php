<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\OrderKit;
use App\Http\Controllers\Controller;
use App\Http\Requests\OrderKitRequest;
use App\Models\KitRow;
use App\Models\Project;
use App\Presentation\Member\MemberKits;
use Dew\Core\Kits\KitKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Kits for a member's own quilt. */
final class MemberKitController extends Controller
{
    public function index(Project $project, MemberKits $kits): View
    {
        return view('member.kits', ['project' => $project, 'form' => Str::lower((string) Str::ulid()), ...$kits->of($project)]);
    }

    public function store(OrderKitRequest $request, Project $project, MemberKits $kits, OrderKit $order): RedirectResponse
    {
        $given = $request->validated();
        if ($project->size_later) {
            throw ValidationException::withMessages(['kit' => __('kits.member.size_first')]);
        }
        [$kind, $named] = [...explode(':', $given['kit'], 2), ''];
        $kind = KitKind::tryFrom($kind);
        $part = $kind === null ? null : $kits->part($project, $kind, $named);
        if ($kind === null || $part === null) {
            throw ValidationException::withMessages(['kit' => __('kits.member.wrong')]);
        }
        // Every button of a page orders once, however often it is pressed.
        $order($project, strtolower($given['form']).'-'.substr(hash('sha256', $given['kit']), 0, 8), $kind, $part, (int) $given['count']);

        return redirect()->route('member.kits', $project)->with('status', __('kits.member.ordered'));
    }

    public function destroy(Project $project, string $order, OrderKit $kits): RedirectResponse
    {
        $kits->cancel($project, (int) $order);

        return redirect()->route('member.kits', $project)->with('status', __('kits.member.cancelled'));
    }

    /** Puts the cloth of a kit that was handed out on her list. */
    public function stock(Project $project, string $order, MemberKits $kits, OrderKit $keep): RedirectResponse
    {
        $row = KitRow::query()->where('project_id', $project->id)->whereColumn('handed_out', 'count')->findOrFail((int) $order);
        $holds = $kits->holds($project, $row->kind, $row->part, $row->size_key, $row->colourway_key);
        if ($holds === []) {
            // What it holds is not known here before its clue is open: nothing is marked.
            throw ValidationException::withMessages(['kit' => __('kits.member.later')]);
        }
        $keep->stock($project, $row, $holds);

        return redirect()->route('member.kits', $project)->with('status', __('kits.member.stocked'));
    }
}
