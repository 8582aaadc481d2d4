<?php

declare(strict_types=1);

namespace Dew\Core\Compile;

use Dew\Core\Document\Node;
use Dew\Core\Document\Reader;
use Dew\Core\Document\Writer;
use Dew\Core\Measure\Length;
use Dew\Core\Sheet\StoredSheet;

/** How much cloth every clue takes at every size. It tells of clues to come, so it stays with the host; members read what is announced. */
final readonly class ClothSheet implements StoredSheet
{
    /**
     * @param  array<string, array<string, array<string, Length>>>  $exact  by size, clue and fabric slot: off a bolt, by the usual methods
     * @param  array<string, array<string, array<string, Length>>>  $covering  likewise: what covers every way of making it, with allowances
     * @param  array<string, Length>  $perimeters  around the quilt, by size
     */
    public function __construct(
        public array $exact,
        public array $covering,
        public array $perimeters,
    ) {
    }

    /** @return array<string, array<string, Length>> what covers every way of making the whole quilt, by size and fabric slot */
    public function whole(): array
    {
        return array_map(function (array $clues): array {
            $whole = [];
            foreach ($clues as $slots) {
                foreach ($slots as $slot => $length) {
                    $whole[$slot] = isset($whole[$slot]) ? $whole[$slot]->plus($length) : $length;
                }
            }

            return $whole;
        }, $this->covering);
    }

    public function write(Writer $writer = new Writer): string
    {
        return Writer::json([
            'exact' => $this->bySize($this->exact), 'covering' => $this->bySize($this->covering), 'perimeters' => $this->texts($this->perimeters),
        ]);
    }

    /** @param  array<string, array<string, array<string, Length>>>  $sizes */
    private function bySize(array $sizes): object
    {
        return (object) array_map(fn (array $clues): object => (object) array_map($this->texts(...), $clues), $sizes);
    }

    /** @param  array<string, Length>  $lengths */
    private function texts(array $lengths): object
    {
        return (object) array_map(fn (Length $length): string => $length->encode(), $lengths);
    }

    public static function read(string $json, ?Reader $reader = null): self
    {
        $data = Node::fromJson($json, self::LARGEST, $reader);
        $lengths = fn (Node $lengths): array => array_map(Length::decode(...), $lengths->names());
        $sizes = fn (Node $sizes): array => array_map(fn (Node $clues): array => array_map($lengths, $clues->entries()), $sizes->entries());

        return new self($sizes($data->get('exact')), $sizes($data->get('covering')), $lengths($data->get('perimeters')));
    }
}
