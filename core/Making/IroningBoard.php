<?php

declare(strict_types=1);

namespace Dew\Core\Making;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Writer;
use Dew\Core\Geometry\Patch;

/**
 * What lies on the ironing board where seams are pressed before they are cut apart: a nine-patch that is cut in four, a strip set of which
 * triangles are cut. Parts of one seam of it come to lie in several places of a unit, or in several units, and are pressed in one go.
 */
final readonly class IroningBoard
{
    /**
     * @param  list<Patch>  $patches  in finished inches
     * @param  list<array{int, int, int, int, int}>  $seams  the number of the seam, the two patches of the board on its sides, and the two
     *     patches of the unit that lie on the same sides of a part of it
     * @param  string|null  $name  of a board that several units are cut from; null where it is this unit's alone
     */
    public function __construct(
        public array $patches,
        public array $seams,
        public ?string $name = null,
    ) {
    }

    /**
     * The pairs of patches on the board that are sewn together where some pairs of the unit are.
     *
     * @param  list<array{int, int}>  $pairs  of the unit
     * @return list<array{int, int}>|null null when one of them was not sewn on the board
     */
    public function pairs(array $pairs): ?array
    {
        $known = [];
        foreach ($this->seams as [, $first, $second, $one, $other]) {
            $known[min($one, $other).' '.max($one, $other)] = [$first, $second];
        }
        $found = [];
        foreach ($pairs as [$one, $other]) {
            $pair = $known[min($one, $other).' '.max($one, $other)] ?? null;
            if ($pair === null) {
                return null;
            }
            $found[implode(' ', $pair)] = $pair;
        }

        return array_values($found);
    }

    /** @return array{patches: mixed, seams: string, name?: string} plain data; see {@see fromData()} */
    public function toData(Writer $writer): array
    {
        return [
            'patches' => $writer->encoded($this->patches),
            'seams' => implode('; ', array_map(fn (array $seam): string => implode(' ', $seam), $this->seams)),
            ...($this->name === null ? [] : ['name' => $this->name]),
        ];
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self(
            Patch::list($data->get('patches')),
            array_map(function (string $seam): array {
                [$number, $first, $second, $one, $other] = array_map(intval(...), explode(' ', $seam)) + [0, 0, 0, 0, 0];

                return [$number, $first, $second, $one, $other];
            }, array_values(array_filter(explode('; ', $data->get('seams')->text())))),
            $data->has('name') ? $data->get('name')->text() : null,
        );
    }
}
