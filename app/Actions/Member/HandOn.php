<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Actions\HandRefused;
use App\Models\HandPart;
use App\Models\HandState;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** What somebody does with a part of a group quilt that she has: hands it on, sends it back sewn, or says that she cannot. */
final readonly class HandOn
{
    /** @throws HandRefused when she does not have it, or the other is no member */
    public function to(HandPart $part, User $from, User $to): void
    {
        if ($to->id === $from->id) {
            throw new HandRefused('yourself');
        }
        if ($to->roleIn($part->quiltAlong) === null) {
            throw new HandRefused('no_member');
        }
        if ($part->state === HandState::Sent) {
            throw new HandRefused('on_its_way', ['part' => $part->label]);
        }
        $this->write($part, $from, 'handed_on', $to, '', ['holder_id' => $to->id, 'held_since' => now(), 'state' => HandState::Out]);
    }

    /** @throws HandRefused */
    public function sent(HandPart $part, User $from): void
    {
        $this->write($part, $from, 'sent', null, '', ['state' => HandState::Sent]);
    }

    /** Takes a part that nobody has. */
    public function take(HandPart $part, User $user): void
    {
        DB::transaction(function () use ($part, $user): void {
            $free = HandPart::query()->lockForUpdate()->findOrFail($part->id);
            if ($free->state !== HandState::Free) {
                throw new HandRefused('taken', ['part' => $free->label]);
            }
            $free->moves()->create(['what' => 'taken', 'by_id' => $user->id, 'from_id' => null, 'to_id' => $user->id, 'words' => '']);
            $free->update([
                'state' => HandState::Out, 'holder_id' => $user->id, 'held_since' => now(), 'due_on' => null, 'remark' => '',
                'measured_width' => null, 'measured_height' => null, 'revision' => $free->revision + 1,
            ]);
        });
    }

    /**
     * Takes back that it was sent, until it is measured, or that it was handed on, while the other has done nothing with it.
     *
     * @throws HandRefused
     */
    public function undo(HandPart $part, User $user): void
    {
        DB::transaction(function () use ($part, $user): void {
            $held = HandPart::query()->lockForUpdate()->findOrFail($part->id);
            $last = $held->moves()->latest('id')->first();
            if (! $held->canBeTakenBack($user, $last)) {
                throw new HandRefused('too_late', ['part' => $held->label]);
            }
            $held->moves()->create(['what' => 'undone', 'by_id' => $user->id, 'from_id' => $held->holder_id, 'to_id' => $user->id, 'words' => '']);
            $held->update(['state' => HandState::Out, 'holder_id' => $user->id, 'revision' => $held->revision + 1]);
        });
    }

    /** @throws HandRefused */
    public function cannot(HandPart $part, User $from, string $words): void
    {
        $this->write($part, $from, 'cannot', null, $words, [
            'state' => HandState::Free, 'holder_id' => null, 'held_since' => null, 'due_on' => null,
        ]);
    }

    /** @param  array<string, mixed>  $columns */
    private function write(HandPart $part, User $from, string $what, ?User $to, string $words, array $columns): void
    {
        DB::transaction(function () use ($part, $from, $what, $to, $words, $columns): void {
            $held = HandPart::query()->lockForUpdate()->findOrFail($part->id);
            if ($held->holder_id !== $from->id || $held->state === HandState::Accepted) {
                throw new HandRefused('not_yours');
            }
            $held->moves()->create(['what' => $what, 'by_id' => $from->id, 'from_id' => $from->id, 'to_id' => $to?->id, 'words' => $words]);
            $held->update($columns + ['revision' => $held->revision + 1]);
        });
    }
}
