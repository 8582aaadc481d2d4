<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\ChangeStock;
use App\Http\Controllers\Controller;
use App\Http\Requests\ClothRulesRequest;
use App\Http\Requests\StockRequest;
use App\Models\Project;
use App\Models\StockRow;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use App\Presentation\Member\Remedies;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The cloth that a member has. */
final class StockController extends Controller
{
    public function store(StockRequest $request, Project $project, string $slot, ChangeStock $change): RedirectResponse
    {
        $change->add($project, strtolower((string) $request->string('id')), $request->measures());

        return $this->back($project, $slot)->with('status', __('stock.added'));
    }

    public function update(StockRequest $request, Project $project, string $slot, string $stock, ChangeStock $change): RedirectResponse
    {
        $change->change($project, $this->row($project, $slot, $stock), $request->measures());

        return $this->back($project, $slot)->with('status', __('stock.changed'));
    }

    public function destroy(Project $project, string $slot, string $stock, ChangeStock $change, MemberCutting $cutting): RedirectResponse
    {
        $row = $this->row($project, $slot, $stock);
        $isUsed = $cutting->uses($project, $row);
        $gone = $change->remove($project, $row);

        return $this->back($project, $slot)
            ->with('status', __($isUsed ? 'stock.removed_used' : 'stock.removed'))
            ->with('undo', ['action' => route('member.stock.back', [$project, $slot, $gone->id]), 'label' => __('stock.put_back')]);
    }

    public function putBack(Project $project, string $slot, string $stock, ChangeStock $change): RedirectResponse
    {
        $change->putBack($project, $this->row($project, $slot, $stock));

        return $this->back($project, $slot)->with('status', __('stock.back'));
    }

    /** Writes down what the steps that were cut by the plan have left. */
    public function clear(Project $project, string $slot, ChangeStock $change, ReleasedSheets $sheets): RedirectResponse
    {
        abort_unless(isset($sheets->announcement($project)->slots[$slot]), 404);
        $change->clear($project, [$slot]);

        return $this->back($project, $slot)->with('status', __('stock.cleared'));
    }

    public function rules(ClothRulesRequest $request, Project $project, string $slot, ChangeStock $change): RedirectResponse
    {
        $change->rules($project, $slot, $request->clothRules());

        return $this->back($project, $slot)->with('status', __('stock.rules_saved'));
    }

    /** What would make cloth enough that is short. */
    public function fits(Project $project, string $slot, ReleasedSheets $sheets, Remedies $remedies): View
    {
        $fabric = $sheets->announcement($project)->slots[$slot] ?? abort(404);

        return view('member.fits', [
            'project' => $project, 'fabric' => $fabric, 'remedies' => $remedies->of($project, $slot),
        ]);
    }

    private function row(Project $project, string $slot, string $stock): StockRow
    {
        return $project->stock()->where('slot_key', $slot)->findOrFail($stock);
    }

    private function back(Project $project, string $slot): RedirectResponse
    {
        return redirect()->to(route('member.fabrics', $project).'#fabric-'.rawurlencode($slot));
    }
}
