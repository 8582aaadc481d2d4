<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\QuiltAlong;
use App\Plans\Unreleased\OpenClueChange;
use App\Plans\Unreleased\QuiltCounts;
use App\Presentation\Shared\CorrectionText;
use Dew\Core\Correction\ClueCorrection;
use Dew\Core\Correction\SheetChange;
use Dew\Core\Design\Design;

/** What publishing would change in one clue that members have open, for its host to explain. */
final readonly class OpenChangeView
{
    /**
     * @param  bool  $mustBeTold  whether numbers change for somebody
     * @param  array<string, list<string>>  $changes  sentences by the name of the size
     * @param  array<string, int>  $stages  how many quilts stand where
     */
    private function __construct(
        public int $number,
        public string $title,
        public bool $mustBeTold,
        public array $changes,
        public array $stages,
    ) {
    }

    public static function of(OpenClueChange $change, QuiltAlong $quiltAlong, Design $new): self
    {
        $text = new CorrectionText($quiltAlong->units, $new->slots);
        $changes = [];
        foreach ($change->usual as $size => $correction) {
            $changes[$new->sizes[$size]->name] = self::sentences($correction, $text);
        }

        return new self($change->clue->number, $change->clue->title, $change->mustBeTold(), $changes, QuiltCounts::stages($change));
    }

    /** How many quilts it touches. */
    public function quilts(): int
    {
        return array_sum($this->stages);
    }

    /** @return list<string> */
    private static function sentences(ClueCorrection $correction, CorrectionText $text): array
    {
        return [
            ...array_map(fn (SheetChange $change): string => $text->change($change), $correction->changes),
            ...array_merge(...array_values(array_map($text->changes(...), $correction->tasks))),
        ];
    }
}
