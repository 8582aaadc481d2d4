<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\Node;
use Dew\Core\Document\Reader;
use Dew\Core\Document\Writer;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Setting\QuiltAsYouGo;
use Dew\Core\Words\Preparation;

/** What everybody may know from the first day: cloth, colourways, sizes and how many clues there will be. No picture, no count. */
final readonly class Announcement implements StoredSheet
{
    /**
     * @param  array<string, Slot>  $slots
     * @param  array<string, Colourway>  $colourways
     * @param  array<string, AnnouncedSize>  $sizes
     * @param  Length  $usableWidth  of the cloth, once its selvedges are off
     * @param  list<int>  $minutes  the announced estimate of each clue
     * @param  int|null  $sizeNeededAt  number of the first clue that needs a size; null where the size may not be chosen later
     * @param  array<string, int>  $fabricsNeededAt  numbers of the first clues that need the fabrics that may be chosen later, by slot id
     * @param  array<string, array<string, Length>>  $cloth  what covers every way of making the whole quilt, allowances included, by size
     *     and slot: exact, so that it is rounded before anybody sees it
     * @param  QuiltAsYouGo|null  $quilting  how blocks are joined that are quilted one by one; null where they are not
     * @param  array<string, list<int>>  $clothClues  numbers of the clues that take cloth at all, by size: those for which a kit can be packed
     * @param  Preparation  $prepare  what is published before the first clue on purpose
     */
    public function __construct(
        public string $title,
        public array $slots,
        public array $colourways,
        public array $sizes,
        public Length $usableWidth,
        public array $minutes,
        public ?int $sizeNeededAt = null,
        public array $fabricsNeededAt = [],
        public Preparation $prepare = new Preparation,
        public array $cloth = [],
        public ?QuiltAsYouGo $quilting = null,
        public array $clothClues = [],
    ) {
    }

    public function colourway(?string $id): Colourway
    {
        return $this->colourways[$id ?? ''] ?? array_values($this->colourways)[0];
    }

    public function write(Writer $writer = new Writer): string
    {
        return Writer::json([
            'title' => $this->title,
            'slots' => array_values(array_map(fn (Slot $slot): array => $slot->toData(), $this->slots)),
            'colourways' => array_values(array_map(fn (Colourway $colourway): array => $colourway->toData(), $this->colourways)),
            'sizes' => array_values(array_map(fn (AnnouncedSize $size): array => $size->toData(), $this->sizes)),
            'usable_width' => $this->usableWidth->encode(),
            'minutes' => $this->minutes,
            ...($this->sizeNeededAt === null ? [] : ['size_needed_at' => $this->sizeNeededAt]),
            ...($this->fabricsNeededAt === [] ? [] : ['fabrics_needed_at' => $this->fabricsNeededAt]),
            ...($this->prepare->isEmpty() ? [] : ['prepare' => $this->prepare->toData()]),
            ...($this->quilting === null ? [] : ['quilting' => $this->quilting->toData()]),
            'cloth_clues' => (object) $this->clothClues,
            'cloth' => (object) array_map(
                fn (array $slots): object => (object) array_map(fn (Length $length): string => $length->encode(), $slots), $this->cloth,
            ),
        ]);
    }

    public static function read(string $json, ?Reader $reader = null): self
    {
        $data = Node::fromJson($json, self::LARGEST, $reader);
        $slots = $colourways = $sizes = [];
        foreach (array_map(Slot::fromData(...), $data->get('slots')->items()) as $slot) {
            $slots[$slot->id] = $slot;
        }
        foreach (array_map(Colourway::fromData(...), $data->get('colourways')->items()) as $colourway) {
            $colourways[$colourway->id] = $colourway;
        }
        foreach (array_map(AnnouncedSize::fromData(...), $data->get('sizes')->items()) as $size) {
            $sizes[$size->id] = $size;
        }

        return new self(
            $data->get('title')->text(),
            $slots,
            $colourways,
            $sizes,
            Length::decode($data->get('usable_width')->text()),
            array_map(fn (Node $minutes): int => $minutes->count(), $data->get('minutes')->items()),
            $data->has('size_needed_at') ? $data->get('size_needed_at')->count(1) : null,
            $data->has('fabrics_needed_at') ? $data->get('fabrics_needed_at')->counts() : [],
            $data->has('prepare') ? Preparation::fromData($data->get('prepare')->data()) : new Preparation,
            array_map(fn (Node $slots): array => array_map(Length::decode(...), $slots->names()), $data->get('cloth')->entries()),
            $data->has('quilting') ? QuiltAsYouGo::fromData($data->get('quilting')) : null,
            $data->has('cloth_clues') ? array_map(fn (Node $clues): array => array_map(
                fn (Node $number): int => $number->count(1), $clues->items(),
            ), $data->get('cloth_clues')->entries()) : [],
        );
    }
}
