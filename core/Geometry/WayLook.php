<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Writer;

/** What a block looks like in another way of turning its parts. */
final readonly class WayLook
{
    /**
     * @param  string  $name  of the way
     * @param  list<Placement>  $placements  where its parts lie then
     * @param  list<Patch>  $patches  of a block that is drawn as patches, because it is trimmed; empty for others
     */
    public function __construct(
        public string $name,
        public array $placements,
        public array $patches = [],
    ) {
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(Writer $writer): array
    {
        return ['name' => $this->name] + ($this->patches === []
            ? ['placements' => $writer->encoded($this->placements)]
            : ['patches' => $writer->encoded($this->patches)]);
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self(
            $data->get('name')->text(),
            $data->has('placements') ? Placement::list($data->get('placements')) : [],
            $data->has('patches') ? Patch::list($data->get('patches')) : [],
        );
    }
}
