<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Clue;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\RecapLines;
use Dew\Core\Plan\ClueSheet;

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
        /** @var array{html: string} $kept */
        $kept = $this->drawn->ofQuilt($project, 'recap of '.$clue->number, fn (): array => ['html' => $this->draw($project, $clue)]);

        return $kept['html'];
    }

    private function draw(Project $project, Clue $clue): string
    {
        $announcement = $this->sheets->announcement($project);
        $known = $this->sheets->open($project)->filter(fn (Clue $one): bool => $one->number <= $clue->number)->values();
        $sheets = $this->sheets->sheets($project, $known, whole: true);
        usort($sheets, fn (ClueSheet $one, ClueSheet $other): int => $other->number <=> $one->number);

        return RecapLines::html(array_shift($sheets) ?? $this->sheets->sheet($project, $clue), array_map(
            fn (ClueSheet $one): CluePage => CluePage::forReading($one, $announcement, $project),
            $sheets,
        ));
    }
}
