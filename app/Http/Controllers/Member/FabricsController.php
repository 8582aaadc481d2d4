<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Presentation\Member\FabricsPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The fabrics of the quilt, and what the released clues cut from each. */
final class FabricsController extends Controller
{
    public function __invoke(Request $request, Project $project, FabricsPage $page): View
    {
        return view('member.fabrics', ['project' => $project, 'html' => $page->html(
            $project, $request->session()->has('errors'), preg_match('/^[0-9a-z]{26}$/i', $request->string('change')->value(), $found) === 1 ? $found[0] : null,
        )]);
    }
}
