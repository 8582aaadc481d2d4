<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\ChangeArrangement;
use App\Http\Controllers\Controller;
use App\Http\Requests\ArrangementRequest;
use App\Models\Project;
use App\Plans\MemberLayout;
use App\Presentation\Member\LayoutBoard;
use App\Support\Pdf;
use Dew\Core\Measure\Notation;
use Dew\Core\Top\LayoutRefused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Lays a member's blocks out: the host's arrangement, and her own where the design allows it. */
final class LayoutController extends Controller
{
    public function show(Project $project, LayoutBoard $board): View
    {
        return $this->page($project, $board->of($project));
    }

    public function other(Project $project, string $other, LayoutBoard $board): View
    {
        $view = $board->of($project, $other) ?? abort(404);

        return $this->page($project, $view);
    }

    public function store(
        ArrangementRequest $request, Project $project, MemberLayout $layout, LayoutBoard $board, ChangeArrangement $change,
    ): RedirectResponse|JsonResponse {
        $asked = $request->validated();
        $other = (string) ($asked['other'] ?? '');
        $sheet = $layout->sheet($project, $other) ?? abort(404);
        try {
            $row = $change($project, $sheet, $other, [
                'do' => $asked['do'], 'first' => (int) ($asked['first'] ?? -1), 'second' => (int) ($asked['second'] ?? -1),
                'arrangement' => (int) ($asked['arrangement'] ?? 0), 'revision' => (int) ($asked['revision'] ?? 0),
                'name' => trim((string) ($asked['name'] ?? '')),
            ]);
        } catch (LayoutRefused $refused) {
            throw ValidationException::withMessages(['layout' => __('layout.wrong.'.$refused->reason, $refused->values)]);
        }
        if ($request->expectsJson()) {
            return response()->json(
                ['html' => view('member.layout-board', ['project' => $project] + ($board->of($project, $other) ?? []))->render()],
            );
        }

        return redirect()->to($other === '' ? route('member.layout', $project) : route('member.layout.other', [$project, $other]))
            ->with('status', __('layout.done.'.$asked['do'], ['name' => $row->name ?? '']));
    }

    public function print(Request $request, Project $project, LayoutBoard $board): Response
    {
        $view = $board->of($project, print: true) ?? abort(404);

        return Pdf::response('print.layout', [
            'title' => __('prints.layout', ['name' => $project->quiltAlong->name]), ...$view,
        ], $project->quiltAlong->name.' layout', Pdf::paper($request->string('paper')->value(), $project->notation === Notation::Centimetres));
    }

    /** @param  array<string, mixed>|null  $view */
    private function page(Project $project, ?array $view): View
    {
        return $view === null ? view('member.bench-closed', ['project' => $project, 'here' => 'layout'])
            : view('member.layout', ['project' => $project] + $view);
    }
}
