<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Correction;
use App\Models\Publication;
use App\Wording\Problems;
use Dew\Core\Document\DocumentException;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Support\Facades\DB;
use PDO;
use Throwable;

/** Publishes what a host sent to be published, once its seconds to undo it are over. It runs once: cut off, it leaves the old version. */
final class PublishDraft implements ShouldQueue
{
    use Dispatchable;
    use Queueable;

    public int $tries = 1;

    public int $timeout = 900;

    public bool $failOnTimeout = true;

    public function __construct(private readonly int $publication)
    {
        $this->onConnection('publishing');
    }

    public function handle(PublishDesign $publish): void
    {
        $publication = Publication::query()->with('quiltAlong', 'user')->find($this->publication);
        $publication?->locked(fn () => $this->run($publication, $publish));
    }

    public function failed(?Throwable $error): void
    {
        Publication::query()->find($this->publication)?->end(Publication::FAILED, problem: __('publish.cut_off'));
    }

    private function run(Publication $publication, PublishDesign $publish): void
    {
        $began = Publication::query()->whereKey($publication->id)->where('state', Publication::WAITING)
            ->update(['state' => Publication::RUNNING, 'started_at' => now()]);
        if ($began !== 1) {
            return;
        }
        // Publishing is one transaction; how far it is must be read from outside of it, so it is written on a connection of its own.
        $config = DB::connection()->getConfig();
        $aside = DB::build(['name' => 'progress', 'options' => [PDO::ATTR_PERSISTENT => false] + ($config['options'] ?? [])] + $config);
        $quiltAlong = $publication->quiltAlong;
        try {
            $version = $publish(
                $quiltAlong, $publication->document, $publication->about, $publication->corrections, $publication->after,
                fn (int $done, int $of): bool => $this->says($aside, $publication, $done, $of),
            );
        } catch (DocumentException $error) {
            $clue = preg_match('~^/clues/(\d+)$~', $error->pointer, $found) === 1 ? 'say_'.((int) $found[1] + 1) : null;
            $publication->end(Publication::FAILED, $clue, $clue === null ? Problems::of($error) : Problems::say($error->problem()));

            return;
        } finally {
            DB::disconnect('progress');
        }
        $told = Correction::query()->where('design_version_id', $version->id)->with('clue')->get()
            ->map(fn (Correction $correction): int => $correction->clue->number)->sort();
        KeepHistory::write($quiltAlong, $publication->user, $told->isEmpty() ? 'published' : 'corrected', [
            'number' => $version->number, 'numbers' => $told->implode(', '),
        ]);
        $publication->end(Publication::DONE);
    }

    private function says(ConnectionInterface $aside, Publication $publication, int $done, int $of): bool
    {
        return $aside->table('publications')->where('id', $publication->id)->update(['done' => $done, 'of' => $of]) === 1;
    }
}
