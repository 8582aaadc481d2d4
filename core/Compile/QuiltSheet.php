<?php

declare(strict_types=1);

namespace Dew\Core\Compile;

use Dew\Core\Design\Pressing;
use Dew\Core\Document\Node;
use Dew\Core\Document\Reader;
use Dew\Core\Document\Writer;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\SewingPlan;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Press\Copies;
use Dew\Core\Press\School;
use Dew\Core\Press\SewnTop;
use Dew\Core\Setting\QuiltAsYouGo;
use Dew\Core\Sheet\BlockQuilting;
use Dew\Core\Sheet\Effort;
use Dew\Core\Sheet\Owners;
use Dew\Core\Sheet\StoredSheet;

/** The whole quilt at one size: the picture that stays with the host, and its counts. */
final readonly class QuiltSheet implements StoredSheet
{
    /**
     * @param  array<string, list<Patch>>  $units  what each unit looks like, by product key
     * @param  array<string, list<Placement>>  $blocks  what lies where in each block, units or other blocks, by product key
     * @param  array<string, string>  $blockNames
     * @param  list<Placement>  $placements
     * @param  list<Patch>  $frame  sashes, setting triangles, borders
     * @param  array<string, int>  $blockCounts
     * @param  array<string, int>  $unitCounts  of units, nested blocks and parts of the setting, by product key
     * @param  array<string, string>  $unitNames  likewise
     * @param  Length  $perimeter  around the outside, where the binding goes
     * @param  array<string, float>  $areas  finished square inches, by fabric
     * @param  Length|null  $crop  what a join of quilted blocks takes off each side of a finished block; null for nothing
     * @param  Pressing  $pressing  how its host wants seams to be pressed
     * @param  list<string>  $owners  for each patch of the frame, the id of its border; empty for what lies within the borders
     * @param  array<string, string>  $pressSaid  seams that the design itself says something of, by their ids: left, right or open
     * @param  array<string, SewingPlan>  $sewing  in which order the seams of a unit are sewn, by product key; none where that follows from
     *     its patches
     * @param  array<string, Size|Length>  $quilting  for blocks quilted one by one: see {@see QuiltAsYouGo::sizes()}
     */
    public function __construct(
        public string $size,
        public Size $finished,
        public Size $block,
        public array $units,
        public array $blocks,
        public array $blockNames,
        public array $placements,
        public array $frame,
        public array $blockCounts,
        public array $unitCounts,
        public array $unitNames,
        public Length $perimeter,
        public array $areas,
        public Effort $effort,
        public array $quilting = [],
        public ?Length $crop = null,
        public Pressing $pressing = new Pressing,
        public array $pressSaid = [],
        public array $owners = [],
        public array $sewing = [],
    ) {
    }

    /**
     * What it is sewn together from.
     *
     * @param  array<string, int>  $depths  0 for light, 1 for medium, 2 for dark, by fabric slot
     */
    public function sewn(array $depths): SewnTop
    {
        return new SewnTop($this->units, $this->blocks, $depths, $this->placements, $this->frame, $this->owners, $this->sewing);
    }

    public function write(Writer $writer = new Writer): string
    {
        return Writer::json([
            'size' => $this->size,
            'finished' => $this->finished->encode(),
            'block' => $this->block->encode(),
            'units' => (object) array_map($writer->encoded(...), $this->units),
            'blocks' => (object) array_map($writer->encoded(...), $this->blocks),
            'block_names' => $this->blockNames,
            'placements' => $writer->encoded($this->placements),
            'frame' => $writer->encoded($this->frame),
            'owners' => Owners::toData($this->owners),
            'sewing' => (object) array_map(fn (SewingPlan $plan): array => $plan->toData($writer), $this->sewing),
            'block_counts' => $this->blockCounts,
            'unit_counts' => $this->unitCounts,
            'unit_names' => $this->unitNames,
            'perimeter' => $this->perimeter->encode(),
            'areas' => $this->areas,
            'effort' => $this->effort->toData(),
            'quilting' => (object) BlockQuilting::toData($this->quilting),
            ...($this->crop === null || $this->crop->isZero() ? [] : ['crop' => $this->crop->encode()]),
            'pressing' => ['school' => $this->pressing->school->value, 'copies' => $this->pressing->copies->value],
            ...($this->pressSaid === [] ? [] : ['press_said' => $this->pressSaid]),
        ]);
    }

    public static function read(string $json, ?Reader $reader = null): self
    {
        $data = Node::fromJson($json, self::LARGEST, $reader);

        return new self(
            $data->get('size')->text(),
            Size::decode($data->get('finished')->text()),
            Size::decode($data->get('block')->text()),
            array_map(Patch::list(...), $data->get('units')->entries()),
            array_map(Placement::list(...), $data->get('blocks')->entries()),
            $data->get('block_names')->names(),
            Placement::list($data->get('placements')),
            Patch::list($data->get('frame')),
            $data->get('block_counts')->counts(),
            $data->get('unit_counts')->counts(),
            $data->get('unit_names')->names(),
            Length::decode($data->get('perimeter')->text()),
            array_map(fn (Node $area): float => $area->number(), $data->get('areas')->entries()),
            Effort::fromData($data->get('effort')),
            BlockQuilting::fromData($data->get('quilting')),
            $data->has('crop') ? Length::decode($data->get('crop')->text()) : null,
            new Pressing(
                $data->get('pressing')->get('school')->enum(School::class), $data->get('pressing')->get('copies')->enum(Copies::class),
            ),
            $data->has('press_said') ? $data->get('press_said')->names() : [],
            Owners::fromData($data->get('owners')),
            array_map(SewingPlan::fromData(...), $data->get('sewing')->entries()),
        );
    }
}
