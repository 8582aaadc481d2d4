<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Project;
use App\Support\CalendarFile;
use App\Support\Words;

/** When the clues of a quilt open, for a calendar. What is to come has a number and an hour, and no title. */
final class Feed
{
    public static function of(Project $project): string
    {
        $quiltAlong = $project->quiltAlong;
        $file = new CalendarFile($quiltAlong->name);
        app(Words::class)->call($quiltAlong->clue_word ?? Words::USUAL);
        $mayRead = ! $quiltAlong->asksForWord() || $project->own_copy_at !== null;
        foreach ($quiltAlong->clues()->get() as $clue) {
            if (! $clue->isWithdrawn() && $clue->release_at === null && $clue->about !== null) {
                $file->addRoughly(
                    "$quiltAlong->slug-$clue->number@dew",
                    $quiltAlong->name.': '.__('calendar.clue', ['number' => $clue->number]).', '.$clue->about,
                    $clue->about_date?->toDateTimeImmutable(),
                    ($clue->updated_at ?? now())->toDateTimeImmutable(),
                );
            }
            if ($clue->release_at === null || $clue->isWithdrawn()) {
                continue;
            }
            $isOpen = $clue->isReleased() && $mayRead;
            $file->add(
                "$quiltAlong->slug-$clue->number@dew",
                $quiltAlong->name.': '.__('calendar.clue', ['number' => $clue->number]).($isOpen ? ', '.$clue->title : ''),
                $clue->release_at->toDateTimeImmutable(),
                $clue->release_at->toDateTimeImmutable(),
                $isOpen ? route('member.clues.show', [$project, $clue->number]) : null,
            );
        }

        return $file->text();
    }
}
