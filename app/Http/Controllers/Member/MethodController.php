<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\ChooseMethod;
use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class MethodController extends Controller
{
    public function update(Request $request, Project $project, int $number, ReleasedSheets $sheets, ChooseMethod $choose): RedirectResponse
    {
        $clue = $sheets->find($project, $number);
        $kind = UnitLibrary::kind($request->validate(['kind' => ['required', Rule::in($clue->kinds)]])['kind']);
        $methods = array_map(fn (Method $method): string => $method->value, $kind->methods());
        $given = $request->validate(
            ['method' => ['required', Rule::in($methods)], 'oversize' => ['boolean']],
            ['method.in' => __('methods.unknown')],
        );
        $choose($project, $kind, UnitLibrary::method($given['method']), $request->boolean('oversize'));

        return redirect()->to(
            route('member.clues.show', [$project, $number]).'#'.$request->string('from')->slug()->value(),
        )->with('status', __('methods.changed'));
    }
}
