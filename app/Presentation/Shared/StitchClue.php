<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use Carbon\CarbonImmutable;

/** One clue on the stitch line. A clue to come has no title here: it is not known on this side yet. */
final readonly class StitchClue
{
    public function __construct(
        public int $number,
        public StitchState $state,
        public ?string $title = null,
        public ?CarbonImmutable $opens = null,
        public ?string $zone = null,
        public ?int $done = null,
        public ?int $total = null,
        public ?string $url = null,
        public ?string $about = null,
        public bool $withdrawn = false,
    ) {
    }

    public function label(): string
    {
        return __('drops.label', ['number' => $this->number, 'state' => $this->withdrawn ? __('drops.withdrawn') : $this->state->label()])
            .($this->state === StitchState::ToCome && ($this->opens !== null || $this->about !== null) ? ', '.__(
                'drops.opens', ['when' => $this->when()],
            ) : '');
    }

    /** The promised hour on the wall clock of its zone, or roughly when in the host's words. */
    public function when(): string
    {
        return match (true) {
            $this->withdrawn => __('drops.withdrawn'),
            $this->about !== null => $this->about,
            $this->opens === null => __('drops.no_date'),
            default => When::full($this->opens, (string) $this->zone),
        };
    }
}
