<?php

declare(strict_types=1);

namespace Dew\Core\Words;

/** What members read and collect before the first clue. */
final readonly class Preparation
{
    /**
     * @param  string  $text  Markdown; may be empty
     * @param  list<HostTool>  $tools
     */
    public function __construct(
        public string $text = '',
        public array $tools = [],
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->text === '' && $this->tools === [];
    }

    /** @return array<string, mixed> plain data without what is empty; see {@see fromData()} */
    public function toData(): array
    {
        return array_filter(['text' => $this->text, 'tools' => array_map(fn (HostTool $tool): array => $tool->toData(), $this->tools)]);
    }

    /** @param  array<string, mixed>  $data  as {@see toData()} gave it */
    public static function fromData(array $data): self
    {
        /** @var array{text?: string, tools?: list<array{id: string, name: string, atLeast?: string}>} $data */
        return new self($data['text'] ?? '', array_map(HostTool::fromData(...), $data['tools'] ?? []));
    }
}
