<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Presentation\Host\DesignChanges;
use App\Wording\Problems;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\Reading;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\Difference;
use Illuminate\Console\Command;

/** Says what changed from one design document to another, in words and numbers. */
final class Compare extends Command
{
    use PrintsData;
    use ReadsDesigns;

    protected $signature = 'dew:compare
        {old : The earlier design document}
        {new : The later one}
        {--json : Print the differences as data}';

    protected $description = 'Say what changed from one design to another';

    public function handle(): int
    {
        $old = $this->reading('old');
        $new = $old === null ? null : $this->reading('new');
        if ($old === null || $new === null) {
            return self::INVALID;
        }
        $changes = DesignChanges::between($old, $new);
        if ($this->option('json')) {
            $this->printData([
                'differences' => array_map(fn (Difference $difference): array => [
                    'kind' => $difference->kind, 'place' => $difference->place->text(),
                    ...$difference->was->exists ? ['was' => $difference->was->value] : [],
                    ...$difference->is->exists ? ['is' => $difference->is->value] : [],
                ], $changes->differences),
                'sizes' => (object) $changes->figures,
            ]);

            return self::SUCCESS;
        }
        foreach ($changes->sentences() as $sentence) {
            $this->line($sentence);
        }

        return self::SUCCESS;
    }

    private function reading(string $argument): ?Reading
    {
        $text = $this->contents($argument);
        try {
            return $text === null ? null : DesignReader::reading($text);
        } catch (DocumentException $error) {
            $this->error(Problems::of($error));

            return null;
        }
    }
}
