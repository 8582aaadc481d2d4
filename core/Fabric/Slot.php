<?php

declare(strict_types=1);

namespace Dew\Core\Fabric;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;

/** A place for a fabric in the design: its id for good, the letter people read, and the part it plays. */
final readonly class Slot
{
    /** @param  string|null  $instead  of an optional fabric: the one whose cloth a member may take in its place */
    public function __construct(
        public string $id,
        public string $letter,
        public string $name,
        public FabricValue $value,
        public ?string $instead = null,
    ) {
    }

    /** @return array<string, string> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return ['id' => $this->id, 'letter' => $this->letter, 'name' => $this->name, 'value' => $this->value->value]
            + ($this->instead === null ? [] : ['instead' => $this->instead]);
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self(
            $data->get('id')->text(),
            $data->get('letter')->text(),
            $data->get('name')->text(),
            $data->get('value')->enum(FabricValue::class),
            $data->has('instead') ? $data->get('instead')->text() : null,
        );
    }
}
