<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\MarkAssembled;
use App\Actions\Member\SaveBenchWork;
use App\Http\Controllers\Controller;
use App\Http\Requests\AssemblyRequest;
use App\Models\Project;
use App\Plans\MemberLayout;
use App\Presentation\Member\AssemblyPage;
use App\Support\Pdf;
use Dew\Core\Measure\Notation;
use Dew\Core\Top\LayoutRefused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Joining a member's top: by rows, by webbing or by quarters, with a mark for everything that is sewn. */
final class AssemblyController extends Controller
{
    public function show(Project $project, AssemblyPage $assembly): View
    {
        $view = $assembly->of($project);

        return $view === null ? view('member.bench-closed', ['project' => $project, 'here' => 'assembly'])
            : view('member.assembly', ['project' => $project] + $view);
    }

    public function store(AssemblyRequest $request, Project $project, MemberLayout $layout, MarkAssembled $mark, SaveBenchWork $keep): RedirectResponse
    {
        $sheet = $layout->sheet($project) ?? abort(404);
        $asked = $request->validated();
        $row = $layout->kept($project)->firstWhere('chosen', true);
        if (isset($asked['method'])) {
            // The host's list of members shows how many parts there are by this way.
            $asWished = (clone $project)->setAttribute('bench', ['assembly' => ['method' => $asked['method']]] + $project->bench);
            $count = $layout->plan($asWished, $sheet, $layout->arrangement($sheet, $row))->count();
            $keep($project, 'assembly', ['method' => $asked['method'], 'count' => (string) $count]);

            return redirect()->to(route('member.assembly', $project))->with('status', __('assembly.chosen'));
        }
        $plan = $layout->plan($project, $sheet, $layout->arrangement($sheet, $row));
        try {
            $mark($project, $plan, (string) $asked['part'], $request->boolean('sewn'));
        } catch (LayoutRefused $refused) {
            throw ValidationException::withMessages(['part' => __('assembly.wrong.'.$refused->reason)]);
        }

        return redirect()->to(route('member.assembly', $project).'#stages');
    }

    public function print(Request $request, Project $project, AssemblyPage $assembly): Response
    {
        $view = $assembly->of($project) ?? abort(404);

        return Pdf::response('print.rows', [
            'title' => __('prints.rows', ['name' => $project->quiltAlong->name]), ...$view,
        ], $project->quiltAlong->name.' rows', Pdf::paper($request->string('paper')->value(), $project->notation === Notation::Centimetres));
    }
}
