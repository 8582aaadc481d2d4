<?php

declare(strict_types=1);

namespace Dew\Core\Fabric;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;

/** One set of cloth for every slot. */
final readonly class Colourway
{
    /**
     * @param  array<string, Cloth>  $cloths by slot id
     * @param  list<string>  $gaps  ids of the slots that have no cloth of their own
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $cloths,
        public array $gaps = [],
    ) {
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'cloths' => array_map(fn (Cloth $cloth): array => $cloth->toData(), $this->cloths)];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self($data->get('id')->text(), $data->get('name')->text(), array_map(Cloth::fromData(...), $data->get('cloths')->entries()));
    }
}
