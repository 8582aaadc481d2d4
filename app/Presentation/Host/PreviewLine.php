<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\Clue;
use App\Models\QuiltAlong;
use App\Presentation\Shared\StitchClue;
use App\Presentation\Shared\StitchState;
use Carbon\CarbonImmutable;

/** The clues as a member who has begun nothing would find them at a moment, if no date changes until then. */
final readonly class PreviewLine
{
    /** @param  list<StitchClue>  $drops */
    private function __construct(public array $drops)
    {
    }

    public static function of(QuiltAlong $quiltAlong, CarbonImmutable $at, string $size): self
    {
        $drops = $quiltAlong->clues()->get()->map(fn (Clue $clue): StitchClue => new StitchClue(
            number: $clue->number,
            state: StitchState::of(self::isOpen($clue, $at), $clue->hasWorkAt($size), null, 0),
            title: self::isOpen($clue, $at) ? $clue->title : null,
            opens: ! $clue->isWithdrawn() ? $clue->release_at : null,
            zone: $clue->zone,
            url: route('host.clues.show', [$quiltAlong, $clue->number]),
            about: $clue->release_at === null && ! $clue->isWithdrawn() ? $clue->about : null,
        ));

        return new self(array_values($drops->all()));
    }

    /** Whether members could read a clue at that moment. */
    public static function isOpen(Clue $clue, CarbonImmutable $at): bool
    {
        return $clue->release_at !== null && $clue->release_at <= $at && ! $clue->isWithdrawn();
    }
}
