<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Clue;
use App\Models\Progress;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\RecapLines;
use App\Support\Openings;
use Dew\Core\Sheet\ClueSheet;

/**
 * What a clue begins with: what earlier open clues made for it and what the last one made, how it was pressed, and where it waits. Clues
 * that are not open do not exist for it.
 */
final readonly class Recap
{
    public function __construct(
        private Drawn $drawn,
        private ReleasedSheets $sheets,
    ) {
    }

    /** HTML; empty where there is nothing to say. */
    public function html(Project $project, Clue $clue): string
    {
        if ($clue->number < 2) {
            return '';
        }
        /** @var array{parts: list<string>, lines: list<array<string, mixed>>} $kept */
        $kept = $this->drawn->ofQuilt($project, 'recap with counts of '.$clue->number, fn (): array => $this->draw($project, $clue));
        $made = $kept['lines'] === [] ? [] : Progress::made($project)->all();
        $values = [];
        foreach ($kept['lines'] as $number => $line) {
            $values["recap:$number"] = e(implode(' ', RecapLines::says($line, $made)));
        }

        return Openings::fill($kept['parts'], $values);
    }

    /** @return array{parts: list<string>, lines: list<array<string, mixed>>} */
    private function draw(Project $project, Clue $clue): array
    {
        $announcement = $this->sheets->announcement($project);
        $known = $this->sheets->open($project)->filter(fn (Clue $one): bool => $one->number <= $clue->number)->values();
        $sheets = $this->sheets->sheets($project, $known, whole: true);
        usort($sheets, fn (ClueSheet $one, ClueSheet $other): int => $other->number <=> $one->number);

        $open = new Openings;
        [$html, $lines] = RecapLines::html(array_shift($sheets) ?? $this->sheets->sheet($project, $clue), array_map(
            fn (ClueSheet $one): CluePage => CluePage::forReading($one, $announcement, $project),
            $sheets,
        ), $open);

        return ['parts' => $open->cut($html), 'lines' => $lines];
    }
}
