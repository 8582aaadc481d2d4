<?php

declare(strict_types=1);

namespace Dew\Core\Words;

use Dew\Core\Measure\Length;

/** A tool that the host names, with the size it must have. */
final readonly class HostTool
{
    public function __construct(
        public string $id,
        public string $name,
        public ?Length $atLeast = null,
    ) {
    }

    /** @return array{id: string, name: string, atLeast?: string} */
    public function toData(): array
    {
        return ['id' => $this->id, 'name' => $this->name] + ($this->atLeast === null ? [] : ['atLeast' => $this->atLeast->encode()]);
    }

    /** @param  array{id: string, name: string, atLeast?: string}  $data  as {@see toData()} gave it */
    public static function fromData(array $data): self
    {
        return new self($data['id'], $data['name'], isset($data['atLeast']) ? Length::decode($data['atLeast']) : null);
    }
}
