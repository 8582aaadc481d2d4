<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\HistoryEntry;
use App\Models\Publication;
use App\Models\QuiltAlong;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Validation\ValidationException;

/** Sends a draft to be published: it begins after some seconds in which it can be undone. One at a time per person. */
final readonly class BeginPublishing
{
    /**
     * @param  array{name?: string|null, reason?: string|null}  $about  what its host says of the version
     * @param  array<int, string>  $corrections  what was wrong, in the host's words, by the number of the clue
     *
     * @throws ValidationException while another of this person is under way
     */
    public function __invoke(QuiltAlong $quiltAlong, User $person, string $document, array $about, array $corrections): Publication
    {
        Publication::query()->where('user_id', $person->id)->where('state', Publication::RUNNING)->get()
            ->each(fn (Publication $publication): Publication => $publication->settle());
        try {
            $publication = Publication::query()->create([
                'quilt_along_id' => $quiltAlong->id, 'user_id' => $person->id, 'document' => $document,
                'about' => $about + ['user_id' => $person->id], 'corrections' => $corrections,
                'after' => (int) $quiltAlong->published_version_id, 'state' => Publication::WAITING,
                'starts_at' => now()->addSeconds(HistoryEntry::SECONDS),
            ]);
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages(['publish' => __('publish.one_at_a_time')]);
        }
        PublishDraft::dispatch($publication->id)->delay($publication->starts_at);

        return $publication->refresh();
    }
}
