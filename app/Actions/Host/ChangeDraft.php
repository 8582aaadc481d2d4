<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Draft;
use App\Models\DraftEdit;
use App\Models\User;
use App\Plans\Unreleased\Documents;
use App\Wording\Host\PlaceName;
use Closure;
use Dew\Core\Draft\Applied;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\Changes;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edit;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Edits as Drafts;
use Dew\Core\Measure\Problem;
use Illuminate\Support\Facades\DB;

/**
 * Changes a draft by an edit, takes somebody's own last edit back, or makes it again. The draft's row is locked meanwhile, the edit is
 * written down beside it, and the same edit sent twice is made once.
 */
final class ChangeDraft
{
    private const NAME = 200;

    /**
     * @param  string  $uuid  made by the device
     * @param  string  $kind  of the edit, for the history
     *
     * @throws EditRefused with the way out
     * @throws EditConflict when somebody else has changed the same thing
     */
    public function edit(Draft $draft, User $user, string $uuid, string $kind, Edit $edit): Draft
    {
        return $this->once($draft, $uuid, function (Draft $locked) use ($user, $uuid, $kind, $edit): void {
            $before = Documents::draft($locked);
            $applied = Drafts::apply($before, $edit);
            if ($applied->changes !== []) {
                $this->write($locked, $applied, $user, $uuid, 'edit', $kind, self::about($applied, $before));
            }
        });
    }

    /**
     * Takes back the last of somebody's own edits, or a certain one of anybody's.
     *
     * @param  int|null  $number  of the edit; null for one's own last
     *
     * @throws EditRefused when there is none
     * @throws EditConflict when what it put there has been changed since
     */
    public function undo(Draft $draft, User $user, string $uuid, ?int $number = null): Draft
    {
        return $this->once($draft, $uuid, function (Draft $locked) use ($user, $uuid, $number): void {
            $edit = ($number === null ? $locked->lastStanding($user) : self::numbered($locked, $number))
                ?? throw new EditRefused(Problem::said(__('workshop.nothing_to_undo')));
            $applied = Drafts::apply(
                Documents::draft($locked),
                new Changes(array_map(fn (Change $change): Change => $change->undone(), array_reverse(self::changed($edit)))),
            );
            $entry = $this->write($locked, $applied, $user, $uuid, 'undo', $edit->kind, $edit->about, $edit->number);
            $edit->update(['undone_by' => $entry]);
        });
    }

    /**
     * Makes again what somebody took back last, as long as she has not made another edit since.
     *
     * @throws EditRefused when there is nothing
     * @throws EditConflict when it does not fit any more
     */
    public function redo(Draft $draft, User $user, string $uuid): Draft
    {
        return $this->once($draft, $uuid, function (Draft $locked) use ($user, $uuid): void {
            $edit = $locked->lastUndone($user) ?? throw new EditRefused(Problem::said(__('workshop.nothing_to_redo')));
            $applied = Drafts::apply(Documents::draft($locked), new Changes(self::changed($edit)));
            $this->write($locked, $applied, $user, $uuid, 'redo', $edit->kind, $edit->about, $edit->number);
            $edit->update(['undone_by' => null]);
        });
    }

    private static function numbered(Draft $draft, int $number): ?DraftEdit
    {
        return $draft->standing()->where('number', $number)->first();
    }

    /** @param  Closure(Draft): void  $change */
    private function once(Draft $draft, string $uuid, Closure $change): Draft
    {
        return DB::transaction(function () use ($draft, $uuid, $change): Draft {
            $locked = $this->locked($draft);
            if (! $locked->edits()->where('uuid', $uuid)->exists()) {
                $change($locked);
            }
            $locked->setRelation('quiltAlong', $draft->quiltAlong);

            return $locked;
        });
    }

    /** @return list<Change> what an edit changed, in its order */
    private static function changed(DraftEdit $edit): array
    {
        $changes = json_decode($edit->changes, true, 512, JSON_THROW_ON_ERROR);

        return array_map(Change::fromArray(...), is_array($changes) ? array_values($changes) : []);
    }

    private function locked(Draft $draft): Draft
    {
        return Draft::query()->whereKey($draft->id)->lockForUpdate()->firstOrFail();
    }

    /** Writes the changed document and the entry of its history; returns the entry's number. */
    private function write(
        Draft $draft,
        Applied $applied,
        User $user,
        string $uuid,
        string $action,
        string $kind,
        string $about,
        ?int $of = null,
    ): int {
        $draft->document = $applied->text;
        $draft->number++;
        $draft->save();
        $changes = array_map(fn (Change $change): array => $change->toArray(), $applied->changes);
        $draft->edits()->create([
            'number' => $draft->number,
            'uuid' => $uuid,
            'user_id' => $user->id,
            'action' => $action,
            'kind' => $kind,
            'about' => $about,
            'changes' => json_encode($changes, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            'of_number' => $of,
        ]);

        return $draft->number;
    }

    private static function about(Applied $applied, DraftDocument $before): string
    {
        $first = $applied->changes[0]->place ?? null;

        return $first === null ? '' : mb_substr(PlaceName::of($first, $applied->document, $before)[0], 0, self::NAME);
    }
}
