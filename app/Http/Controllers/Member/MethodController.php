<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\ChooseMethod;
use App\Http\Controllers\Controller;
use App\Http\Requests\MethodRequest;
use App\Models\Project;
use Dew\Core\Unit\Kind\UnitLibrary;
use Illuminate\Http\RedirectResponse;

final class MethodController extends Controller
{
    public function update(MethodRequest $request, Project $project, int $number, ChooseMethod $choose): RedirectResponse
    {
        $given = $request->validated();
        $choose($project, UnitLibrary::kind($given['kind']), UnitLibrary::method($given['method']), $request->boolean('oversize'));

        return redirect()->to(
            route('member.clues.show', [$project, $number]).'#'.$request->string('from')->slug()->value(),
        )->with('status', __('methods.changed'));
    }
}
