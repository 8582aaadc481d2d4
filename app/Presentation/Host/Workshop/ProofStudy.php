<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Support\Words;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Plan\Whole\Compiler;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;
use Illuminate\Support\Facades\Cache;

/** Everything that is to be said of a draft, worst first. Kept under the document's content. */
final readonly class ProofStudy
{
    private const DAYS = 2;

    /** @param  list<Remark>  $remarks */
    private function __construct(public array $remarks)
    {
    }

    public static function of(DraftDocument $document): self
    {
        $text = $document->document()->text;
        $name = 'proof:'.hash('sha256', serialize([$text, app()->getLocale(), app(Words::class)->called(), Compiler::REVISION]));

        return Cache::remember($name, now()->addDays(self::DAYS), fn (): self => self::make($document, $text));
    }

    private static function make(DraftDocument $document, string $text): self
    {
        try {
            $findings = Proof::ofDraft(DesignReader::reading($text));
        } catch (DocumentException $error) {
            $findings = [new Finding('unreadable', Severity::Error, '', ['problem' => $error->getMessage()])];
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
