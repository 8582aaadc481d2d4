<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Writer;
use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Size;

/** Something else that the blocks of a quilt make, such as a runner or a medallion: joined to each other without sashing or borders. */
final readonly class OtherLayout
{
    /** @param  list<Placement>  $placements */
    public function __construct(
        public string $id,
        public string $name,
        public Size $finished,
        public array $placements,
    ) {
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(Writer $writer): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'finished' => $this->finished->encode(), 'placements' => $writer->encoded($this->placements),
        ];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self(
            $data->get('id')->text(), $data->get('name')->text(), Size::decode($data->get('finished')->text()),
            Placement::list($data->get('placements')),
        );
    }
}
