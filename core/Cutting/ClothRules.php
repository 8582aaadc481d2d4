<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;

/** How the cloth of one fabric wants to be cut. */
final readonly class ClothRules
{
    /**
     * @param  bool  $directional  whether its print must stay upright
     * @param  Length|null  $margin  left around each piece, so that it can be placed by hand for its print
     * @param  int  $variety  from how many fabrics the pieces should come at least
     */
    public function __construct(
        public bool $directional = false,
        public ?Length $margin = null,
        public int $variety = 1,
    ) {
    }

    /** @param  array{directional?: bool, margin?: string, variety?: int}  $kept */
    public static function kept(array $kept): self
    {
        return new self($kept['directional'] ?? false, isset($kept['margin']) ? Length::decode($kept['margin']) : null, $kept['variety'] ?? 1);
    }

    /** @return array{directional?: bool, margin?: string, variety?: int} plain data to keep; empty when nothing is unusual */
    public function toArray(): array
    {
        return array_filter(['directional' => $this->directional, 'margin' => $this->margin?->encode(), 'variety' => $this->variety > 1 ? $this->variety : null]);
    }
}
