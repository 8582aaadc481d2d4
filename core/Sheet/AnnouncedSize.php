<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Size;

final readonly class AnnouncedSize
{
    public function __construct(
        public string $id,
        public string $name,
        public Size $finished,
    ) {
    }

    /** @return array<string, string> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'finished' => $this->finished->encode()];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self($data->get('id')->text(), $data->get('name')->text(), Size::decode($data->get('finished')->text()));
    }
}
