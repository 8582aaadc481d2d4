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
     */
    public function __construct(
        public bool $directional = false,
        public ?Length $margin = null,
    ) {
    }

    /** @param  array{directional?: bool, margin?: string}  $kept */
    public static function kept(array $kept): self
    {
        return new self($kept['directional'] ?? false, isset($kept['margin']) ? Length::decode($kept['margin']) : null);
    }

    /** @return array{directional?: bool, margin?: string} plain data to keep; empty when nothing is unusual */
    public function toArray(): array
    {
        return array_filter(['directional' => $this->directional, 'margin' => $this->margin?->encode()]);
    }
}
