<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Writer;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Size;

/** What comes out of a task's work besides the units wanted, one for each batch, to be kept in a bag. */
final readonly class Byproduct
{
    /**
     * @param  string|null  $name  the design's name for it; null where the design does not use it
     * @param  int  $count  that come out
     * @param  list<Patch>  $patches  as it looks, in finished inches
     */
    public function __construct(
        public ?string $name,
        public int $count,
        public array $patches,
        public Size $finished,
    ) {
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(Writer $writer): array
    {
        return [
            ...($this->name === null ? [] : ['name' => $this->name]),
            'count' => $this->count,
            'patches' => $writer->encoded($this->patches),
            'finished' => $this->finished->encode(),
        ];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self(
            $data->has('name') ? $data->get('name')->text() : null,
            $data->get('count')->count(),
            Patch::list($data->get('patches')),
            Size::decode($data->get('finished')->text()),
        );
    }
}
