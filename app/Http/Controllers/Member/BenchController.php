<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Member\Bags;
use Illuminate\Contracts\View\View;

/** The units made so far, bag by bag, waiting for the steps that everybody shares. */
final class BenchController extends Controller
{
    public function __invoke(Project $project, ReleasedSheets $sheets, Bags $bags): View
    {
        return view('member.bench', [
            'project' => $project,
            'bags' => $bags->of($sheets->announcement($project), $project),
        ]);
    }
}
