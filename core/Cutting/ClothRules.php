<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;

/** How the cloth of one fabric wants to be cut. */
final readonly class ClothRules
{
    /**
     * @param  Length|null  $margin  left around each piece, so that it can be placed by hand for its print
     * @param  int  $variety  from how many fabrics the pieces should come at least
     */
    public function __construct(
        public ?Length $margin = null,
        public int $variety = 1,
    ) {
    }

    /** @param  array{margin?: string, variety?: int}  $kept */
    public static function kept(array $kept): self
    {
        return new self(isset($kept['margin']) ? Length::decode($kept['margin']) : null, $kept['variety'] ?? 1);
    }

    /** @return array{margin?: string, variety?: int} plain data to keep; empty when nothing is unusual */
    public function toArray(): array
    {
        return array_filter(['margin' => $this->margin?->encode(), 'variety' => $this->variety > 1 ? $this->variety : null]);
    }
}
