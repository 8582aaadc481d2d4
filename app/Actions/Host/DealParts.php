<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Actions\HandRefused;
use App\Models\HandPart;
use App\Models\HandState;
use App\Models\QuiltAlong;
use App\Models\User;
use App\Plans\Unreleased\HandRoom;
use Carbon\CarbonImmutable;
use Dew\Core\Hands\PartFit;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Illuminate\Support\Facades\DB;

/** Shares the parts of a group quilt out, takes them back, and accepts what came back. Every change is written down. */
final readonly class DealParts
{
    public function __construct(private HandRoom $room)
    {
    }

    /** Lists the parts of a size: new ones are added, and those that are still free and no longer there are taken out. */
    public function list(QuiltAlong $quiltAlong, string $size): void
    {
        $parts = $this->room->parts($quiltAlong, $size);
        DB::transaction(function () use ($quiltAlong, $size, $parts): void {
            $held = QuiltAlong::query()->lockForUpdate()->findOrFail($quiltAlong->id);
            $there = HandPart::query()->where('quilt_along_id', $held->id)->get()->keyBy('key');
            if ($held->hands_size !== null && $held->hands_size !== $size && $there->contains(
                fn (HandPart $part): bool => $part->state !== HandState::Free,
            )) {
                throw new HandRefused('size_begun');
            }
            HandPart::query()->where(['quilt_along_id' => $held->id, 'state' => HandState::Free->value])
                ->whereNotIn('key', array_column($parts, 'key'))->delete();
            foreach ($parts as $columns) {
                $part = $there[$columns['key']] ?? new HandPart;
                $part->fill($columns);
                $part->quilt_along_id = $held->id;
                $part->save();
            }
            $held->forceFill(['hands_size' => $size])->save();
        });
    }

    /**
     * @param  array<int, int>  $revisions  of the parts as they were seen, by the id of the part
     *
     * @throws HandRefused when somebody else has dealt one of them meanwhile, or it is not open
     */
    public function deal(QuiltAlong $quiltAlong, array $revisions, User $to, ?CarbonImmutable $due, string $pack, User $by): int
    {
        if ($to->roleIn($quiltAlong) === null) {
            throw new HandRefused('no_member');
        }
        if ($revisions === []) {
            throw new HandRefused('none_chosen');
        }
        if (! isset($this->room->announcement($quiltAlong)->sizes[$quiltAlong->hands_size])) {
            throw new HandRefused('size');
        }
        $sheet = $this->room->layout($quiltAlong, (string) $quiltAlong->hands_size);
        $open = $quiltAlong->clues()->released()->pluck('key')->all();

        return DB::transaction(function () use ($quiltAlong, $revisions, $to, $due, $pack, $by, $sheet, $open): int {
            // Locked in one order, so that two hosts wait for each other and not for ever.
            $parts = HandPart::query()->with('holder')->where('quilt_along_id', $quiltAlong->id)->whereIn('id', array_keys($revisions))
                ->orderBy('id')->lockForUpdate()->get();
            foreach ($parts as $part) {
                if ($part->revision !== $revisions[$part->id]) {
                    throw new HandRefused($part->holder_id === null ? 'changed' : 'dealt_meanwhile', [
                        'part' => $part->label, 'name' => $part->holder->name ?? '',
                    ]);
                }
                if ($part->state === HandState::Accepted) {
                    throw new HandRefused('accepted_already', ['part' => $part->label]);
                }
                if (array_intersect($this->room->opensWith($sheet, $part->key, $part->product), $open) === []) {
                    throw new HandRefused('not_open', ['part' => $part->label]);
                }
                $this->write($part, 'dealt', $by, $to, '', [
                    'state' => HandState::Out, 'holder_id' => $to->id, 'held_since' => now(), 'due_on' => $due, 'pack' => $pack,
                    // What was said and measured of an earlier one does not concern her.
                    'remark' => '', 'measured_width' => null, 'measured_height' => null,
                ]);
            }

            return $parts->count();
        });
    }

    /** Takes a part back from whoever has it, so that it can be dealt anew. */
    public function withdraw(HandPart $part, int $revision, User $by, string $words): void
    {
        $this->change($part, $revision, function (HandPart $held) use ($by, $words): null {
            $held->freed('withdrawn', $by, $words);

            return null;
        });
    }

    /**
     * Accepts a part as it measures. One that is too small is only measured, until somebody decides to take it all the same.
     *
     * @param  bool  $isDecided  whether it is taken however small it is
     * @return bool whether it is accepted
     */
    public function accept(
        HandPart $part, int $revision, Length $width, Length $height, User $by, string $words, bool $isDecided = false,
    ): bool {
        $asked = $part->asked();
        $isSmall = $asked !== null && ! PartFit::fits($asked, new Size($width, $height))
            && ($width->isLessThan($asked->width) || $height->isLessThan($asked->height));
        $isAccepted = $isDecided || ! $isSmall;
        $this->change($part, $revision, function (HandPart $held) use ($width, $height, $by, $words, $isAccepted): null {
            if ($held->state === HandState::Free) {
                throw new HandRefused('nobody_has', ['part' => $held->label]);
            }
            if (! $isAccepted) {
                return $this->write($held, 'measured', $by, null, $words, [
                    'state' => HandState::Sent, 'measured_width' => $width, 'measured_height' => $height, 'remark' => $words,
                ]);
            }

            return $this->write($held, 'accepted', $by, null, $words, [
                'state' => HandState::Accepted, 'measured_width' => $width, 'measured_height' => $height, 'remark' => $words,
            ]);
        });

        return $isAccepted;
    }

    /** Sends a part back to whoever sewed it, with what is to be done. */
    public function remark(HandPart $part, int $revision, User $by, string $words): void
    {
        $this->change($part, $revision, function (HandPart $held) use ($by, $words): null {
            if ($held->holder_id === null) {
                throw new HandRefused('nobody_has', ['part' => $held->label]);
            }
            if ($words === '') {
                throw new HandRefused('say_what');
            }

            return $this->write($held, 'remarked', $by, $held->holder, $words, [
                'state' => HandState::Out, 'remark' => $words, 'measured_width' => null, 'measured_height' => null,
            ]);
        });
    }

    /** @param  callable(HandPart): null  $do */
    private function change(HandPart $part, int $revision, callable $do): void
    {
        DB::transaction(function () use ($part, $revision, $do): void {
            $held = HandPart::query()->with('holder')->lockForUpdate()->findOrFail($part->id);
            if ($held->revision !== $revision) {
                throw new HandRefused('changed', ['part' => $held->label]);
            }
            $do($held);
        });
    }

    /** @param  array<string, mixed>  $columns */
    private function write(HandPart $part, string $what, User $by, ?User $to, string $words, array $columns): null
    {
        $part->moves()->create(
            ['what' => $what, 'by_id' => $by->id, 'from_id' => $part->holder_id, 'to_id' => $to?->id, 'words' => $words],
        );
        $part->update($columns + ['revision' => $part->revision + 1]);

        return null;
    }
}
