<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\Node;
use Dew\Core\Document\Reader;
use Dew\Core\Document\Writer;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\SewingPlan;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Press\Copies;
use Dew\Core\Press\PressLook;
use Dew\Core\Press\School;
use Dew\Core\Press\SewnTop;

/** How the blocks of one size are laid out, for the bench of people to whom the assembly is open. */
final readonly class LayoutSheet implements StoredSheet
{
    /** The part of the top within its borders, among the parts that open by themselves. */
    public const CENTRE = '';

    /** A border that is not pieced is four strips, and at most four corners. */
    private const STRIPS_AND_CORNERS = 8;

    /**
     * @param  string  $kind  straight, on-point or sixty
     * @param  Size  $block  a finished block
     * @param  Length  $seam  the seam allowance
     * @param  array<string, list<Patch>>  $units  by product key
     * @param  array<string, list<Placement>>  $blocks  what lies where in each block, by product key
     * @param  array<string, string>  $names  of blocks, by product key
     * @param  list<Placement>  $placements  the host's arrangement
     * @param  list<Patch>  $frame  sashes, setting triangles, borders
     * @param  list<string>  $owners  for each patch of the frame, the id of the border it belongs to; empty for the centre's
     * @param  array<string, string>  $borders  their names by id, from the inside outwards
     * @param  array<string, string>  $opens  id of the clue with which each part opens: {@see CENTRE}, and the ids of the borders
     * @param  array<string, list<string>>  $madeIn  ids of the clues that make each block, by product key
     * @param  array<string, PressLook>  $press  how seams lie, by product key; the top's under the empty key
     * @param  array<string, list<array{slot: string, count: int, width: Length, length: Length}>>  $packs  what one copy of each block is
     *     cut from, by product key
     * @param  array<string, SewingPlan>  $sewing  in which order the seams of a unit are sewn, by product key; none where that follows from
     *     its patches
     * @param  array<string, array{Measurement, Measurement}>  $joined  width and height of each block as it is joined to others, raw edge to raw
     *     edge, by product key; none where quilted blocks are joined
     * @param  string  $arrange  what members may do: `as-laid` for nothing, `swap`, or `free` for turning too
     * @param  list<OtherLayout>  $also  what the same blocks also make
     */
    public function __construct(
        public string $size,
        public string $kind,
        public Size $finished,
        public Size $block,
        public Length $seam,
        public array $units,
        public array $blocks,
        public array $names,
        public array $placements,
        public array $frame,
        public array $owners,
        public array $borders,
        public array $opens,
        public array $madeIn,
        public array $press,
        public School $school = School::Dark,
        public Copies $copies = Copies::Alike,
        public array $also = [],
        public string $arrange = 'free',
        public array $packs = [],
        public array $sewing = [],
        public array $joined = [],
    ) {
    }

    /** @return list<Patch> a block or unit upright, in finished inches */
    public function patches(string $product): array
    {
        if (! isset($this->blocks[$product])) {
            return $this->units[$product] ?? [];
        }
        $patches = [];
        foreach ($this->blocks[$product] as $part) {
            array_push($patches, ...$part->lay($this->patches($part->product)));
        }

        return $patches;
    }

    /**
     * What it is sewn together from, with its blocks at other places.
     *
     * @param  list<Placement>  $placements
     * @param  array<string, int>  $depths  0 for light, 1 for medium, 2 for dark, by fabric slot
     */
    public function sewn(array $placements, array $depths): SewnTop
    {
        return new SewnTop($this->units, $this->blocks, $depths, $placements, $this->frame, $this->owners, $this->sewing);
    }

    /** @return array<string, bool> whether each border is cut from strips, with or without corners, rather than pieced; by its id */
    public function stripBorders(): array
    {
        return array_map(fn (int $patches): bool => $patches <= self::STRIPS_AND_CORNERS, array_count_values($this->owners));
    }

    /** The same without borders that are not open yet. */
    public function without(string ...$borders): self
    {
        $stays = array_keys(array_filter($this->owners, fn (string $owner): bool => ! in_array($owner, $borders, true)));

        return new self(
            $this->size, $this->kind, $this->finished, $this->block, $this->seam, $this->units, $this->blocks, $this->names, $this->placements,
            array_map(fn (int $index): Patch => $this->frame[$index], $stays),
            array_map(fn (int $index): string => $this->owners[$index], $stays),
            array_diff_key($this->borders, array_flip($borders)), $this->opens, $this->madeIn,
            $borders === [] ? $this->press : array_diff_key($this->press, ['' => true]), $this->school, $this->copies, $this->also,
            $this->arrange, $this->packs, $this->sewing, $this->joined,
        );
    }

    /**
     * The blocks alone that some clues make, without where they lie in the quilt.
     *
     * @param  list<string>  $clues  their ids
     */
    public function only(array $clues): self
    {
        $names = array_filter(
            $this->names, fn (string $block): bool => array_intersect($this->madeIn[$block] ?? [], $clues) !== [], ARRAY_FILTER_USE_KEY,
        );

        return new self(
            $this->size, $this->kind, $this->block, $this->block, $this->seam, $this->units, $this->blocks, $names, [], [], [], [], [],
            array_intersect_key($this->madeIn, $names), array_intersect_key($this->press, $names), $this->school, $this->copies, sewing: $this->sewing,
        );
    }

    /** One of the other things that the same blocks make, as a lay-out of its own. */
    public function as(OtherLayout $other): self
    {
        return new self(
            $this->size, 'straight', $other->finished, $this->block, $this->seam, $this->units, $this->blocks, $this->names,
            $other->placements, [], [], [], $this->opens, $this->madeIn, array_diff_key($this->press, ['' => true]), $this->school, $this->copies,
            [], $this->arrange, sewing: $this->sewing, joined: $this->joined,
        );
    }

    /** @return array{Measurement, Measurement} */
    private static function sides(Measurement $width, Measurement $height): array
    {
        return [$width, $height];
    }

    public function write(Writer $writer = new Writer): string
    {
        return Writer::json([
            'size' => $this->size,
            'kind' => $this->kind,
            'finished' => $this->finished->encode(),
            'block' => $this->block->encode(),
            'seam' => $this->seam->encode(),
            'units' => (object) array_map($writer->encoded(...), $this->units),
            'blocks' => (object) array_map($writer->encoded(...), $this->blocks),
            'names' => (object) $this->names,
            'placements' => $writer->encoded($this->placements),
            'frame' => $writer->encoded($this->frame),
            'owners' => Owners::toData($this->owners),
            'borders' => (object) $this->borders,
            'opens' => (object) $this->opens,
            'made_in' => (object) $this->madeIn,
            'press' => (object) array_map(fn (PressLook $look): array => $look->toData(), $this->press),
            'school' => $this->school->value,
            'copies' => $this->copies->value,
            'arrange' => $this->arrange,
            'packs' => (object) array_map(fn (array $pack): array => array_map(fn (array $piece): array => [
                'slot' => $piece['slot'], 'count' => $piece['count'], 'width' => $piece['width']->encode(), 'length' => $piece['length']->encode(),
            ], $pack), $this->packs),
            'sewing' => (object) array_map(fn (SewingPlan $plan): array => $plan->toData($writer), $this->sewing),
            'joined' => (object) array_map(fn (array $sides): array => [$sides[0]->encode(), $sides[1]->encode()], $this->joined),
            'also' => array_map(fn (OtherLayout $other): array => $other->toData($writer), $this->also),
        ]);
    }

    public static function read(string $json, ?Reader $reader = null): self
    {
        $data = Node::fromJson($json, self::LARGEST, $reader);

        return new self(
            $data->get('size')->text(),
            $data->get('kind')->text(),
            Size::decode($data->get('finished')->text()),
            Size::decode($data->get('block')->text()),
            Length::decode($data->get('seam')->text()),
            array_map(Patch::list(...), $data->get('units')->entries()),
            array_map(Placement::list(...), $data->get('blocks')->entries()),
            $data->get('names')->names(),
            Placement::list($data->get('placements')),
            Patch::list($data->get('frame')),
            Owners::fromData($data->get('owners')),
            $data->get('borders')->names(),
            $data->get('opens')->names(),
            array_map(fn (Node $clues): array => $clues->texts(), $data->get('made_in')->entries()),
            array_map(PressLook::fromData(...), $data->get('press')->entries()),
            $data->get('school')->enum(School::class),
            $data->get('copies')->enum(Copies::class),
            array_map(OtherLayout::fromData(...), $data->get('also')->items()),
            $data->get('arrange')->text(),
            array_map(fn (Node $pack): array => array_map(fn (Node $piece): array => [
                'slot' => $piece->get('slot')->text(), 'count' => $piece->get('count')->count(),
                'width' => Length::decode($piece->get('width')->text()), 'length' => Length::decode($piece->get('length')->text()),
            ], $pack->items()), $data->get('packs')->entries()),
            array_map(SewingPlan::fromData(...), $data->get('sewing')->entries()),
            array_map(fn (Node $sides): array => self::sides(...array_map(Measurement::decode(...), $sides->texts())), $data->get('joined')->entries()),
        );
    }
}
