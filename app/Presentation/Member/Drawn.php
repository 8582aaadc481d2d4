<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Clue;
use App\Models\MethodChoice;
use App\Models\Project;
use App\Models\Swatch;
use App\Plans\ReleasedSheets;
use App\Support\Kept;
use Closure;
use Dew\Core\Sheet\ClueSheet;
use Illuminate\Support\Collection;

/**
 * What a page shows of each open clue, drawn once and kept: drawings take most of the time of a page late in a quilt-along. It depends on
 * nothing but what stands in its name, so a change of size, method, cloth, ruler or turn finds another one. Counts are never in it.
 */
final readonly class Drawn
{
    public function __construct(private ReleasedSheets $sheets)
    {
    }

    /**
     * @param  string  $what  which page it is for
     * @param  callable(ClueSheet): array<int|string, mixed>  $draw  plain data and ready HTML of one clue
     * @param  Collection<int, Clue>|null  $clues  the open clues, where the caller has read them already
     * @param  list<ClueSheet>  $sheets  the sheets of all of them, likewise
     * @return list<array<int|string, mixed>> one for each open clue, in their order
     */
    public function ofOpenClues(Project $project, string $what, callable $draw, ?Collection $clues = null, array $sheets = []): array
    {
        $clues ??= $this->sheets->open($project);
        $ofs = [];
        foreach ($clues as $clue) {
            $ofs[$clue->key] = $this->content($project, $what, $clue);
        }

        return array_values(Kept::Drawn->many($ofs, function (array $missing) use ($project, $clues, $sheets, $draw): array {
            $wanted = array_flip($missing);
            $sheets = $sheets === []
                ? $this->sheets->sheets($project, $clues->filter(fn (Clue $clue): bool => isset($wanted[$clue->key]))->values()) : $sheets;
            $drawn = [];
            foreach ($sheets as $sheet) {
                if (isset($wanted[$sheet->clue])) {
                    $drawn[$sheet->clue] = $draw($sheet);
                }
            }

            return $drawn;
        }));
    }

    /**
     * @param  string  $what  which page it is for
     * @param  callable(ClueSheet): array<int|string, mixed>  $draw  plain data and ready HTML of the clue, with its steps
     * @return array<int|string, mixed>
     */
    public function ofClue(Project $project, Clue $clue, string $what, callable $draw): array
    {
        return Kept::Drawn->remember(
            $this->content($project, $what, $clue), fn (): array => $draw($this->sheets->sheet($project, $clue)),
        );
    }

    /**
     * Something that shows all open clues at once.
     *
     * @param  Closure(Collection<int, Clue>): array<int|string, mixed>  $draw  plain data and ready HTML, from the open clues
     * @return array<int|string, mixed>
     */
    public function ofQuilt(Project $project, string $what, Closure $draw): array
    {
        $clues = $this->sheets->open($project);

        return Kept::Drawn->remember($this->content($project, $what, ...$clues), fn (): array => $draw($clues));
    }

    /** @return list<mixed> all that a page of some clues depends on */
    private function content(Project $project, string $what, Clue ...$clues): array
    {
        return [
            $what,
            $this->sheets->edition($project),
            array_map(fn (Clue $clue): array => [$clue->key, $clue->number], $clues),
            $project->size_key,
            $project->size_later,
            $project->methods()->only(...array_merge(...array_map(fn (Clue $clue): array => $clue->unitKinds(), $clues)))->signature(),
            // What was made before a method was chosen is not cut again.
            $project->methodChoices
                ->sortBy('kind')
                ->map(fn (MethodChoice $choice): array => [$choice->kind->value, $choice->made_before])
                ->values()
                ->all(),
            $project->notation->value,
            // Null is what the design says: that changes with its edition.
            $project->usable_width?->encode(),
            array_intersect_key($project->set_widths, array_flip(array_map(fn (Clue $clue): string => $clue->key, $clues))),
            $project->colourway_key,
            $project->turns,
            $project->pressed,
            $project->swatches
                ->sortBy([['slot_key', 'asc'], ['number', 'asc']])
                ->map(fn (Swatch $swatch): array => [
                    $swatch->slot_key, $swatch->number, $swatch->name, $swatch->colour, $swatch->picture,
                ])
                ->values()
                ->all(),
        ];
    }
}
