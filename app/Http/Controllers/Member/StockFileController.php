<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\ChangeStock;
use App\Http\Controllers\Controller;
use App\Http\Requests\StockFileRequest;
use App\Models\Project;
use App\Models\StockRow;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use App\Wording\Problems;
use Dew\Core\Cutting\Stock;
use Dew\Core\Cutting\StockFormat;
use Dew\Core\Cutting\StockReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Table;
use Dew\Core\Measure\Length;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** A member's list of cloth as a file, out and in; docs/stock.md describes it. */
final class StockFileController extends Controller
{
    private const SHOWN = 8;

    public function show(Project $project, string $format): Response
    {
        $items = [];
        foreach ($project->stock->where('gone_at', null)->sortBy('id') as $row) {
            $items[] = $this->item($row, $project);
        }
        $text = $format === 'csv'
            ? Table::write(StockFormat::COLUMNS, array_map(fn (array $item): array => array_map(
                fn (mixed $value): string => is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value, $item,
            ), $items))
            : (string) json_encode(
                ['dew' => StockFormat::VERSION, 'stock' => $items], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            );

        return response($text, 200, [
            'Content-Type' => $format === 'csv' ? 'text/csv; charset=utf-8' : 'application/json',
            'Content-Disposition' => "attachment; filename=\"cloth.$format\"",
        ]);
    }

    public function store(
        StockFileRequest $request,
        Project $project,
        ReleasedSheets $sheets,
        MemberCutting $cutting,
        ChangeStock $change,
    ): RedirectResponse {
        $file = $request->file('file');
        $text = $file instanceof UploadedFile ? (string) file_get_contents($file->getRealPath()) : '';
        $slots = $sheets->announcement($project)->slots;
        try {
            $stock = str_starts_with(ltrim($text, "\u{feff} \n\r\t"), '{')
                ? StockReader::json($text, $slots, $cutting->room($project))
                : StockReader::csv($text, $slots, $cutting->room($project));
        } catch (DocumentException $error) {
            $lines = array_map(Problems::complaint(...), array_slice($error->complaints, 0, self::SHOWN));
            throw ValidationException::withMessages(['file' => __('stock.file.wrong', ['complaints' => implode(' ', $lines)])]);
        }
        $there = $project->stock->where('gone_at', null)->map(fn (StockRow $row): string => 's-'.$row->id)->all();
        foreach ($stock as $one) {
            if (in_array($one->id, $there, true)) {
                throw ValidationException::withMessages(['file' => __('stock.file.twice', ['id' => $one->id])]);
            }
        }
        $change->addAll($project, array_map($this->measures(...), $stock));

        return redirect()->route('member.fabrics', $project)->with('status', trans_choice('stock.file.added', count($stock)));
    }

    /** @return array<string, string|int|bool> */
    private function item(StockRow $row, Project $project): array
    {
        $text = fn (?Length $length): ?string => $length === null ? null : $project->notation->print($length).' '.$project->notation->unit()->value;

        return array_filter([
            'id' => 's-'.$row->id,
            'slot' => $row->slot_key,
            'kind' => $row->kind->value,
            'width' => $text($row->width),
            'length' => $text($row->length),
            'count' => $row->count,
            'corner_width' => $text($row->corner_width),
            'corner_length' => $text($row->corner_length),
            'squared' => $row->squared ?: null,
            'directional' => $row->directional ?: null,
            'zigzag' => $row->zigzag?->value,
            'name' => $row->name === '' ? null : $row->name,
        ], fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> ready for the model */
    private function measures(Stock $stock): array
    {
        return [
            'slot_key' => $stock->slot, 'kind' => $stock->kind, 'width' => $stock->width, 'length' => $stock->length, 'count' => $stock->count,
            'corner_width' => $stock->corner?->width, 'corner_length' => $stock->corner?->height, 'squared' => $stock->squared,
            'directional' => $stock->directional, 'zigzag' => $stock->zigzag, 'name' => $stock->name,
        ];
    }
}
