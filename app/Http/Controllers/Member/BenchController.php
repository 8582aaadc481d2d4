<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Presentation\Member\Bags;
use Illuminate\Contracts\View\View;

/** The units made so far, bag by bag, waiting for the steps that everybody shares. */
final class BenchController extends Controller
{
    public function __invoke(Project $project, Bags $bags): View
    {
        return view('member.bench', ['project' => $project, 'bags' => $bags->of($project)]);
    }
}
