<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\Project;
use App\Models\Publication;

/** A draft on its way to being published, in words. */
final readonly class PublicationView
{
    /**
     * @param  int  $seconds  in which it can be undone before it begins; 0 once they are over
     * @param  string  $says  where it stands
     * @param  string  $effect  what it will do to whom; empty once it has ended
     */
    private function __construct(
        public int $id,
        public int $seconds,
        public string $says,
        public string $effect,
        public bool $isUnderWay,
        public ?string $problem,
    ) {
    }

    public static function of(Publication $publication): self
    {

        return new self(
            $publication->id,
            $publication->seconds(),
            match (true) {
                $publication->state === Publication::RUNNING && $publication->of > 0 => __('publish.size_of', [
                    'number' => min($publication->done + 1, $publication->of), 'of' => $publication->of,
                ]),
                $publication->state === Publication::RUNNING => __('publish.checking'),
                $publication->state === Publication::WAITING => __('publish.waiting'),
                default => (string) $publication->problem,
            },
            $publication->isUnderWay() ? self::effect($publication->quilt_along_id, array_keys($publication->corrections)) : '',
            $publication->isUnderWay(),
            $publication->state === Publication::FAILED ? $publication->problem : null,
        );
    }

    /**
     * What publishing does to whom.
     *
     * @param  list<int>  $numbers  of the open clues in which numbers change
     */
    public static function effect(int $quiltAlong, array $numbers): string
    {
        $members = Project::query()->where('quilt_along_id', $quiltAlong)->distinct()->count('user_id');

        return trans_choice('publish.effect', $members).($numbers === [] ? '' : ' '.trans_choice('publish.effect_open', count($numbers), [
            'numbers' => implode(', ', $numbers),
        ]));
    }
}
