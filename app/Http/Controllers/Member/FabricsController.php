<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Member\FabricsPage;
use Illuminate\Contracts\View\View;

/** The fabrics of the quilt, and what the released clues cut from each. */
final class FabricsController extends Controller
{
    public function __invoke(Project $project, ReleasedSheets $sheets, FabricsPage $page): View
    {
        return view('member.fabrics', [
            'project' => $project,
            'fabrics' => $page->rows($sheets->announcement($project), $project),
        ]);
    }
}
