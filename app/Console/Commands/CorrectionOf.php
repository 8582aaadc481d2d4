<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Presentation\Shared\CorrectionText;
use App\Wording\Problems;
use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Correction\ClueCorrection;
use Dew\Core\Correction\SheetChange;
use Dew\Core\Correction\SheetComparison;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\MethodChoices;
use Illuminate\Console\Command;

/** Says, clue by clue and size by size, which numbers change for people who have the first clues of a design open. */
final class CorrectionOf extends Command
{
    use PrintsData;
    use ReadsDesigns;

    protected $signature = 'dew:correction
        {old : The design document that members work from}
        {new : The one that puts it right}
        {--released= : How many clues are open}
        {--json : Print the differences as data}';

    protected $description = 'Say which numbers of open clues change from one design to another';

    public function handle(): int
    {
        $released = $this->option('released');
        if (! is_string($released) || preg_match('/^\d{1,3}$/', $released) !== 1) {
            $this->error(__('console.released'));

            return self::INVALID;
        }
        [$old, $new] = [$this->design('old'), $this->design('new')];
        if ($old === null || $new === null) {
            return self::INVALID;
        }
        $corrections = $this->compare($old, $new, (int) $released);
        $this->option('json') ? $this->printData($this->data($corrections)) : $this->print($corrections, $new);

        return self::SUCCESS;
    }

    private function design(string $argument): ?Design
    {
        $text = $this->contents($argument);
        try {
            return $text === null ? null : DesignReader::read($text);
        } catch (DocumentException $error) {
            $this->error(Problems::of($error));

            return null;
        }
    }

    /** @return array<string, array<string, ClueCorrection>> by clue and size, those that say something */
    private function compare(Design $old, Design $new, int $released): array
    {
        $corrections = [];
        $open = array_slice(array_map(strval(...), array_keys($old->clues)), 0, $released);
        foreach (array_map(strval(...), array_keys(array_intersect_key($old->sizes, $new->sizes))) as $size) {
            [$before, $after] = [new SizeCompiler($old, $size), new SizeCompiler($new, $size)];
            foreach (array_intersect($open, array_map(strval(...), array_keys($new->clues))) as $clue) {
                $correction = SheetComparison::of(
                    $before->clue($clue, MethodChoices::defaults($old->methods)),
                    $after->clue($clue, MethodChoices::defaults($new->methods)),
                );
                if (! $correction->isEmpty()) {
                    $corrections[$clue][$size] = $correction;
                }
            }
        }

        $inOrder = [];
        foreach ($open as $clue) {
            if (isset($corrections[$clue])) {
                $inOrder[$clue] = $corrections[$clue];
            }
        }

        return $inOrder;
    }

    /** @param  array<string, array<string, ClueCorrection>>  $corrections */
    private function print(array $corrections, Design $new): void
    {
        $text = new CorrectionText(Notation::Fractions, $new->slots);
        foreach ($corrections as $clue => $sizes) {
            foreach ($sizes as $size => $correction) {
                $this->line(__('console.correction', ['clue' => $new->clues[$clue]->title, 'size' => $new->sizes[$size]->name]));
                foreach ([
                    ...array_map(fn (SheetChange $change): string => $text->change($change), $correction->changes),
                    ...array_merge(...array_map($text->changes(...), $correction->tasks)),
                ] as $sentence) {
                    $this->line('  '.$sentence);
                }
            }
        }
        if ($corrections === []) {
            $this->line(__('console.no_correction'));
        }
    }

    /**
     * @param  array<string, array<string, ClueCorrection>>  $corrections
     * @return array<string, mixed>
     */
    private function data(array $corrections): array
    {
        return ['clues' => (object) array_map(
            fn (array $sizes): array => array_map(fn (ClueCorrection $correction): array => $correction->toData(), $sizes),
            $corrections,
        )];
    }
}
