<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Member\CorrectionNews;
use App\Presentation\Member\MemberHands;
use App\Presentation\Member\StitchLine;
use Illuminate\Contracts\View\View;

/** Where am I, what is due, what should I do next. */
final class NowController extends Controller
{
    public function __invoke(Project $project, ReleasedSheets $sheets, CorrectionNews $news, MemberHands $hands): View
    {
        $line = StitchLine::of($project);
        $announcement = $sheets->announcement($project);

        return view('member.now', [
            'project' => $project,
            'announcement' => $announcement,
            'corrections' => $news->waiting($project, $announcement),
            'line' => $line,
            'hands' => $hands->now($project),
        ]);
    }
}
