<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Clue;
use App\Models\DesignVersion;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\Documents;
use App\Plans\Unreleased\OpenClueChanges;
use App\Plans\Unreleased\SheetStore;
use App\Wording\Host\FindingSentence;
use Closure;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Measure\Problem;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\UnitKind;
use Illuminate\Support\Facades\DB;

/**
 * Makes a design document the quilt-along's published version: read and checked, stored for good, its clues listed, its sheets compiled.
 * All of it or nothing. Where it changes what members have open, its host says what was wrong, and each of them is told what that means for
 * what she has cut and made: {@see RecordCorrections}.
 */
final readonly class PublishDesign
{
    /** How often it is compiled anew because a clue was opened meanwhile. */
    private const TRIES = 3;

    /** Names the locks of publishing among those of the database. */
    private const LOCKS = 20202;

    public function __construct(
        private SheetStore $sheets,
        private RecordCorrections $record,
        private UpgradeSheets $upgrade,
    ) {
    }

    /**
     * @param  array{name?: string|null, reason?: string|null, user_id?: int|null}  $about  what its host says of the version
     * @param  array<int, string>  $corrections  what was wrong, in her words, by the number of the clue
     * @param  int|null  $after  id of the version that was the published one when she looked, 0 for none; null where that does not matter
     * @param  (Closure(int, int): mixed)|null  $progress  told how many of how many sizes are compiled
     *
     * @throws DocumentException when it cannot be read, its proof finds an error, it would take something from members, it changes an open
     *     clue of which nothing is said, or another version was published meanwhile
     */
    public function __invoke(
        QuiltAlong $quiltAlong,
        string $document,
        array $about = [],
        array $corrections = [],
        ?int $after = null,
        ?Closure $progress = null,
    ): DesignVersion {
        $design = DesignReader::read($document);
        $isBegun = $quiltAlong->clues()->released()->exists();
        foreach (Proof::of($design, $isBegun) as $finding) {
            if ($finding->severity === Severity::Error) {
                throw DocumentException::at($finding->place, Problem::said(FindingSentence::of($finding, DraftDocument::of($design->document))));
            }
        }
        // What this release of Dew changes is told apart from what the host changes now.
        ($this->upgrade)($quiltAlong);
        for ($try = 1; $try <= self::TRIES; $try++) {
            try {
                return DB::transaction(fn (): DesignVersion => $this->publish(
                    $quiltAlong, $document, $design, $about, $corrections, $after, $progress,
                ));
            } catch (ChangedMeanwhile) {
                continue;
            }
        }

        throw DocumentException::at('', Problem::said(__('publish.meanwhile')));
    }

    /**
     * Compiling takes up to minutes, in which nobody is held up: the quilt-along is locked once everything is compiled.
     *
     * @param  array{name?: string|null, reason?: string|null, user_id?: int|null}  $about
     * @param  array<int, string>  $corrections
     * @param  (Closure(int, int): mixed)|null  $progress
     *
     * @throws DocumentException
     * @throws ChangedMeanwhile when a clue was opened while it was compiled
     */
    private function publish(
        QuiltAlong $quiltAlong, string $document, Design $design, array $about, array $corrections, ?int $after, ?Closure $progress,
    ): DesignVersion {
        // One at a time.
        DB::select('select pg_advisory_xact_lock(?, ?)', [self::LOCKS, $quiltAlong->id % 2_147_483_647]);
        $current = QuiltAlong::query()->findOrFail($quiltAlong->id);
        $seen = $this->seen($current);
        if ($after !== null && $after !== (int) $current->published_version_id) {
            throw DocumentException::at('', Problem::said(__('publish.meanwhile')));
        }
        OpenClues::refuse($current, $design);
        $before = $current->publishedVersion;
        $changes = $before === null ? [] : OpenClueChanges::between($current, Documents::published($before), $design);
        foreach ($changes as $change) {
            if ($change->mustBeTold() && ($corrections[$change->clue->number] ?? '') === '') {
                throw DocumentException::at('/clues/'.($change->clue->number - 1), Problem::said(__('publish.unexplained', [
                    'number' => $change->clue->number, 'title' => $change->clue->title,
                ])));
            }
        }
        $version = $quiltAlong->versions()->create([
            'number' => (int) $quiltAlong->versions()->max('number') + 1,
            'document' => $document,
            'hash' => hash('sha256', $design->document->write()),
            ...$about,
            'pressed' => $before === null ? [] : $this->sheets->pressedInOpenClues($current),
            'revision' => Compiler::REVISION,
        ]);
        $this->sheets->warm($version, $design, $progress);
        $this->hold($quiltAlong, $seen, $design);
        $this->listClues($quiltAlong, $design);
        Project::query()->whereBelongsTo($quiltAlong)->where('size_later', true)->whereNotIn('size_key', array_keys($design->sizes))
            ->update(['size_key' => (string) array_key_first($design->sizes)]);
        $quiltAlong->default_methods = array_map(fn (Method $method): string => $method->value, $design->methods);
        $quiltAlong->publishedVersion()->associate($version)->save();
        // By the methods that somebody chose meanwhile.
        $this->sheets->warm($version);
        $this->sheets->prune($quiltAlong);
        ($this->record)($version, $changes, $corrections);

        return $version;
    }

    /**
     * Locks the quilt-along: nobody begins a quilt in a size that is being taken out, and no clue opens by the version before.
     *
     * @param  array{int, list<string>}  $seen  what was compiled for
     *
     * @throws DocumentException when it would take something from people who came meanwhile
     * @throws ChangedMeanwhile
     */
    private function hold(QuiltAlong $quiltAlong, array $seen, Design $design): void
    {
        // What only refers to the quilt-along is not held up.
        $now = QuiltAlong::query()->whereKey($quiltAlong->id)->lock('for no key update')->firstOrFail();
        if ($this->seen($now) !== $seen) {
            throw new ChangedMeanwhile;
        }
        OpenClues::refuse($now, $design);
    }

    /** @return array{int, list<string>} the published version, 0 for none, and the clues that people have open */
    private function seen(QuiltAlong $quiltAlong): array
    {
        return [
            (int) $quiltAlong->published_version_id,
            array_values($quiltAlong->clues()->released()->orderBy('number')->pluck('key')->map(strval(...))->all()),
        ];
    }

    private function listClues(QuiltAlong $quiltAlong, Design $design): void
    {
        $keys = array_map(strval(...), array_keys($design->clues));
        $quiltAlong->clues()->whereNotIn('key', $keys)->get()->each(fn (Clue $clue) => $clue->delete());
        foreach (array_values($design->clues) as $index => $clue) {
            $quiltAlong->clues()->updateOrCreate(['key' => $clue->id], [
                'number' => $index + 1,
                'title' => $clue->title,
                'kinds' => array_map(fn (UnitKind $kind): string => $kind->value, Compiler::kinds($design, $clue->id)),
                'sizes' => Compiler::sizesOf($design, $clue->id),
            ]);
        }
    }
}
