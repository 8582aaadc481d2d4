<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wording\Host\FindingSentence;
use Dew\Core\Design\Reading;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Measure\Length;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof as CoreProof;
use Dew\Core\Proof\Severity;
use Illuminate\Console\Command;

/** Reads a design, finished or not, like a strict pattern tester; fails when something cannot be sewn. */
final class ProofDesign extends Command
{
    use PrintsData;
    use ReadsDesigns;

    protected $signature = 'dew:proof
        {file : A design document}
        {--json : Print the findings as data}';

    protected $description = 'Check a design and print what is found';

    public function handle(): int
    {
        return $this->withReading(function (Reading $reading): int {
            $findings = CoreProof::ofDraft($reading);
            if ($this->option('json')) {
                $this->printData(array_map(fn (Finding $finding): array => [
                    'code' => $finding->code,
                    'severity' => $finding->severity->value,
                    'place' => $finding->place,
                    'names' => (object) $finding->names,
                    'lengths' => (object) array_map(fn (Length $length): string => $length->encode(), $finding->lengths),
                    'counts' => (object) $finding->counts,
                ], $findings));
            } else {
                foreach ($findings as $finding) {
                    $this->line(
                        sprintf(
                            '%s %s: %s',
                            __('proof.severity.'.$finding->severity->value),
                            $finding->place,
                            FindingSentence::of($finding, DraftDocument::of($reading->document)),
                        ),
                    );
                }
                $this->line($findings === [] ? __('proof.clean') : FindingSentence::counts(
                    $this->count($findings, Severity::Error), $this->count($findings, Severity::Warning), $this->count($findings, Severity::Note),
                ));
            }

            return $this->count($findings, Severity::Error) > 0 ? self::FAILURE : self::SUCCESS;
        });
    }

    /** @param  list<Finding>  $findings */
    private function count(array $findings, Severity $severity): int
    {
        return count(array_filter($findings, fn (Finding $finding): bool => $finding->severity === $severity));
    }
}
