<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Models\Clue;
use App\Models\QuiltAlong;
use App\Support\Kept;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Measure\Problem;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;
use Illuminate\Support\Collection;

/** Everything that is to be said of a draft, worst first. Kept under the document's content. */
final readonly class ProofStudy
{
    /** @param  list<Remark>  $remarks */
    private function __construct(public array $remarks)
    {
    }

    public static function of(DraftDocument $document, QuiltAlong $quiltAlong): self
    {
        $text = $document->document()->text;
        $clues = $quiltAlong->clues()->get(['key', 'release_at', 'withdrawn_at', 'number'])->toBase();
        $days = self::daysBetween($clues);
        $isBegun = $clues->contains(fn (Clue $clue): bool => $clue->isReleased());

        return Kept::Proof->remember(
            [$text, $quiltAlong->secret, $days, $isBegun],
            fn (): self => self::make($document, $text, $quiltAlong->secret, $days, $isBegun),
        );
    }

    /**
     * @param  Collection<int, Clue>  $clues
     * @return array<string, int> days from the opening of each clue to that of the next, by its id, where both have a date
     */
    private static function daysBetween(Collection $clues): array
    {
        $days = [];
        $before = null;
        foreach ($clues as $clue) {
            if ($before?->release_at !== null && $clue->release_at !== null) {
                $days[$before->key] = (int) round($before->release_at->diffInHours($clue->release_at) / 24);
            }
            $before = $clue;
        }

        return array_filter($days, fn (int $count): bool => $count > 0);
    }

    /** @param  array<string, int>  $days */
    private static function make(DraftDocument $document, string $text, bool $isSecret, array $days, bool $isBegun): self
    {
        try {
            $findings = Proof::ofDraft(DesignReader::reading($text), $isSecret, $days, $isBegun);
        } catch (DocumentException $error) {
            $findings = [new Finding('unreadable', Severity::Error, '', problem: Problem::of($error))];
        }

        return new self(array_map(fn (Finding $finding): Remark => Remark::of($finding, $document), $findings));
    }

    /** @return list<Remark> */
    public function having(Severity $severity): array
    {
        return array_values(array_filter($this->remarks, fn (Remark $remark): bool => $remark->severity === $severity));
    }

    /** @return list<Remark> what is said of one thing: a block or a unit */
    public function about(string $view, string $of): array
    {
        return array_values(array_filter($this->remarks, fn (Remark $remark): bool => $remark->view === $view && $remark->of === $of));
    }

    public function count(Severity $severity): int
    {
        return count($this->having($severity));
    }

    /** What stands on the tab: how many errors and warnings there are. */
    public function summary(): string
    {
        [$errors, $warnings] = [$this->count(Severity::Error), $this->count(Severity::Warning)];

        return match (true) {
            $errors > 0 => trans_choice('workshop.errors', $errors),
            $warnings > 0 => trans_choice('workshop.warnings', $warnings),
            default => __('workshop.clean'),
        };
    }
}
