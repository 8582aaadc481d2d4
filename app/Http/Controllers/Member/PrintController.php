<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Member\ClothChart;
use App\Presentation\Member\ClothFacts;
use App\Presentation\Member\Mat;
use App\Presentation\Shared\FabricView;
use App\Presentation\Shared\TemplatePages;
use App\Support\Pdf;
use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Notation;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a member prints about her cloth: the chart with room for swatches, labels for bags, and the cutting plan of a clue. */
final class PrintController extends Controller
{
    public function chart(Request $request, Project $project, ReleasedSheets $sheets, ClothChart $chart): Response
    {
        return Pdf::response('print.chart', [
            'title' => __('prints.chart', ['name' => $project->quiltAlong->name]),
            ...$this->fabrics($project, $sheets, $chart),
        ], $project->quiltAlong->name.' fabrics', $this->paper($request, $project));
    }

    public function bags(Request $request, Project $project, ReleasedSheets $sheets, ClothChart $chart): Response
    {
        return Pdf::response('print.bags', [
            'title' => __('prints.bags', ['name' => $project->quiltAlong->name]),
            ...$this->fabrics($project, $sheets, $chart),
        ], $project->quiltAlong->name.' bags', $this->paper($request, $project));
    }

    public function plan(Request $request, Project $project, int $number, ReleasedSheets $sheets, Mat $mat): Response
    {
        $clue = $sheets->find($project, $number);
        abort_if($sheets->waitsForSize($project, $clue), 404);
        $plan = $mat->forPrint($project, $clue);

        return Pdf::response('print.plan', [
            'title' => __('prints.plan', ['name' => $project->quiltAlong->name, 'clue' => $plan['title']]), 'cards' => $plan['cards'],
        ], $plan['title'].' cutting', $this->paper($request, $project));
    }

    /** The templates of a clue at true size. */
    public function templates(Request $request, Project $project, int $number, ReleasedSheets $sheets): Response
    {
        $clue = $sheets->find($project, $number);
        abort_if($sheets->waitsForSize($project, $clue), 404);
        $paper = $this->paper($request, $project);
        $title = __('templates.title', ['name' => $project->quiltAlong->name, 'clue' => $clue->title]);

        return Pdf::response('print.templates', [
            'title' => $title,
            'pages' => TemplatePages::of($sheets->sheet($project, $clue), $sheets->announcement($project), $project->notation, $paper),
        ], $title, $paper);
    }

    /** @return array{fabrics: list<array{view: FabricView, facts: ClothFacts}>} */
    private function fabrics(Project $project, ReleasedSheets $sheets, ClothChart $chart): array
    {
        $announcement = $sheets->announcement($project);
        $cloths = $project->colourway($announcement)->cloths;
        $facts = $chart->of($project, $sheets->sheets($project, $sheets->open($project)));

        return ['fabrics' => array_values(array_map(fn (Slot $slot): array => [
            'view' => FabricView::of($slot, $cloths[$slot->id], []), 'facts' => $facts[$slot->id],
        ], $announcement->slots))];
    }

    private function paper(Request $request, Project $project): string
    {
        return Pdf::paper($request->string('paper')->value(), $project->notation === Notation::Centimetres);
    }
}
