<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

/** Something to do in a clue besides making units and blocks, at one size. */
final readonly class ChoreSheet
{
    /** Stands in the place of a specification: what is done of a chore is counted whatever its words say. */
    public const DIGEST = 'chore';

    /**
     * @param  string  $kind  `own`, `quilt`, `rows`, `centre`, `layers`, `quilting` or `binding`
     * @param  string  $name  empty where the kind says enough
     * @param  string  $text  the host's words, Markdown; may be empty
     * @param  int  $count  how many times
     * @param  int  $minutes  for all of them
     * @param  string|null  $block  name of the block that is quilted
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public string $text,
        public int $count,
        public int $minutes,
        public ?string $block = null,
    ) {
    }

    /** @return array<string, int> what can be counted off, and up to how many */
    public function counters(): array
    {
        return [TaskSheet::TRIMMED => $this->count];
    }

    /** @return array<string, int|string> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return [
            'id' => $this->id, 'kind' => $this->kind, 'name' => $this->name, 'text' => $this->text, 'count' => $this->count,
            'minutes' => $this->minutes,
        ] + ($this->block === null ? [] : ['block' => $this->block]);
    }

    /** @param  array<string, mixed>  $data  as {@see toData()} gave it */
    public static function fromData(array $data): self
    {
        /** @var array{id: string, kind: string, name: string, text: string, count: int, minutes: int, block?: string} $data */
        return new self(...$data);
    }
}
