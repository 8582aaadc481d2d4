<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Block\Block;
use Dew\Core\Block\SixtyBlock;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Making\Pace;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Setting\Setting;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\UnitKind;
use Dew\Core\Words\Preparation;

/**
 * A whole quilt-along as its host described it once: cloth, units, blocks, setting, sizes and the split into clues.
 *
 * Units and blocks are known by product keys. The key of what the document declares is its id; used in other fabrics or mirrored (where
 * that makes it another thing) it has a key of its own: {@see ProductKey}.
 */
final readonly class Design
{
    /** What stands for joining the top among what is not made here. */
    public const JOINING = 'joining';

    /** What stands for layering, quilting and binding there. */
    public const FINISHING = 'finishing';

    /** What has been worked out from this design so far; it goes when the design goes. */
    public Caches $caches;

    /**
     * @param  array<string, Slot>  $slots  by id, in reading order
     * @param  array<string, Colourway>  $colourways  by id
     * @param  array<string, UnitSpec>  $units  by product key: as declared first, then their variants
     * @param  array<string, string>  $names  of units and blocks by product key; no two variants of one unit have the same
     * @param  array<string, Block|SixtyBlock>  $blocks  by product key, likewise; a block stands behind those it contains
     * @param  array<string, QuiltSize>  $sizes  by id
     * @param  array<string, DesignClue>  $clues  by id, in order of release
     * @param  array<string, StatedSizes>  $stated  by unit or block id: what a given pattern says
     * @param  array<string, Method>  $methods  the default methods that the design sets, by kind
     * @param  LaterChoices  $later  what members may choose later
     * @param  DesignDocument  $document  as it was read, in the newest format
     * @param  list<list<string>>  $together  product keys of what stays in one clue when a split is suggested
     * @param  Preparation  $prepare  what members read and collect before the first clue
     * @param  Pressing  $pressing  how seams are pressed
     * @param  Pace  $pace  how long its people are taken to need for a patch
     * @param  list<string>  $notMade  product keys of what no clue makes on purpose, and {@see JOINING} and {@see FINISHING}
     * @param  array<string, string>  $pictures  hashes of the pictures of units as a given pattern draws them, by unit id
     */
    public function __construct(
        public string $id,
        public string $title,
        public CuttingRoom $room,
        public array $slots,
        public array $colourways,
        public array $units,
        public array $names,
        public array $blocks,
        public Setting $setting,
        public array $sizes,
        public array $clues,
        public array $stated,
        public array $methods,
        public LaterChoices $later,
        public DesignDocument $document,
        public array $pictures = [],
        public Preparation $prepare = new Preparation,
        public array $together = [],
        public Pressing $pressing = new Pressing,
        public Pace $pace = Pace::Usual,
        public array $notMade = [],
    ) {
        $this->caches = new Caches;
    }

    /**
     * The same design, with what people were told before of how some seams are pressed: those stay as they are.
     *
     * @param  array<string, array<string, list<string>>>  $kept  flags by size and product key
     */
    public function keepingPressed(array $kept): self
    {
        return $kept === [] ? $this : new self(
            $this->id, $this->title, $this->room, $this->slots, $this->colourways, $this->units, $this->names, $this->blocks, $this->setting,
            $this->sizes, $this->clues, $this->stated, $this->methods, $this->later, $this->document, $this->pictures, $this->prepare,
            $this->together, new Pressing($this->pressing->school, $this->pressing->copies, $kept), $this->pace, $this->notMade,
        );
    }

    /** @throws UnknownSize */
    public function size(string $id): QuiltSize
    {
        return $this->sizes[$id] ?? throw UnknownSize::named($id, array_keys($this->sizes));
    }

    /** The method a kind is made by unless somebody chooses another one: the design's, or else the first of the kind. */
    public function defaultMethod(UnitKind $kind): Method
    {
        return $this->methods[$kind->value] ?? $kind->methods()[0];
    }

    /** @return list<string> product keys of everything that some task makes, each once */
    public function madeProducts(): array
    {
        $made = [];
        foreach ($this->clues as $clue) {
            foreach ($clue->tasks as $task) {
                $made[] = $task->product;
            }
        }

        return array_values(array_unique($made));
    }
}
