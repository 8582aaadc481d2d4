<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Writer;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\On;
use Dew\Core\Making\Operand;
use Dew\Core\Making\Overhang;
use Dew\Core\Making\Rates;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Press\PressLook;
use Dew\Core\Press\StepPress;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\LargerMakings;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\UnitKind;

/** Everything one task asks of a person at one size and by one method. */
final readonly class TaskSheet
{
    public const SEWN = 'sewn';

    public const TRIMMED = 'trimmed';

    /**
     * @param  string  $task  the task's id in the design; progress hangs on it
     * @param  string  $digest  of the specification (finished geometry, fabrics, unfinished size), neither of count nor of method
     * @param  int  $count  units to make
     * @param  list<Patch>  $patches  the unit upright, in finished inches; empty for a block, which has a drawing
     * @param  list<Making>  $ways  every way this kind can be made in, the usual one first
     * @param  list<Overhang>  $overhangs  one for every slanted seam of the unit
     * @param  float  $cutArea  square inches of the pieces of one unit; infinite for what is put together from parts
     * @param  CuttingRoom  $room  the cloth and the seam it is worked out for
     * @param  BlockDrawing|null  $drawing  of what is put together from parts
     * @param  bool  $oversize  pieces are cut larger and trimmed
     * @param  int  $fromBag  units of these that come out of another task's work, so that nothing is cut for them
     * @param  string|null  $bagTask  the id of that task
     * @param  int  $bagGives  how many that task's work gives when all of it is done the same way
     * @param  Byproduct|null  $byproduct  what comes out besides
     * @param  array{Size, Size}|null  $along  of what fills no rectangle, its base and its height above it, finished and unfinished
     * @param  PressLook|null  $press  how its seams lie; null where no plan says so
     * @param  string|null  $picture  hash of the picture of the unit as a given pattern draws it
     * @param  list<string>  $makes  product keys of what it makes: the unit, and the block that is nothing but this unit
     * @param  array<string, Size|Length>  $quilting  sizes of a block that is quilted by itself: see {@see
     *     \Dew\Core\Setting\QuiltAsYouGo::sizes()}
     */
    public function __construct(
        public string $task,
        public string $digest,
        public string $name,
        public UnitKind $kind,
        public int $count,
        public Size $finished,
        public Size $unfinished,
        public array $patches,
        public Making $making,
        public array $ways,
        public array $overhangs,
        public Seamwork $seamwork,
        public float $cutArea,
        public CuttingRoom $room,
        public ?BlockDrawing $drawing = null,
        public bool $oversize = false,
        public int $fromBag = 0,
        public ?string $bagTask = null,
        public int $bagGives = 0,
        public ?Byproduct $byproduct = null,
        public array $quilting = [],
        public array $makes = [],
        public ?array $along = null,
        public ?string $picture = null,
        public ?PressLook $press = null,
    ) {
    }

    /** @return list<Patch> what it looks like, a block put together from its units */
    public function patches(): array
    {
        return $this->patches === [] && $this->drawing !== null ? $this->drawing->patches() : $this->patches;
    }

    /** @return list<MethodOffer> what each way of making it would mean, the usual one first */
    public function offers(): array
    {
        return array_map(fn (Making $way): MethodOffer => new MethodOffer($way, $this->count, $this->cutArea, $this->room), $this->ways);
    }

    /** The finished size that a person measures: along the base and above it where it fills no rectangle. */
    public function measured(): Size
    {
        return $this->along[0] ?? $this->finished;
    }

    /** The width to trim to or to check by: the unfinished one, or what comes out of pieces cut by a ruler where nothing is trimmed. */
    public function trimWidth(): Measurement
    {
        return $this->making->sewn[0] ?? Measurement::exact(($this->along[1] ?? $this->unfinished)->width);
    }

    /** The height, likewise. */
    public function trimHeight(): Measurement
    {
        return $this->making->sewn[1] ?? Measurement::exact(($this->along[1] ?? $this->unfinished)->height);
    }

    /** Seams and minutes of the whole task. */
    public function effort(Rates $rates = new Rates): Effort
    {
        return Effort::of($this->making, $this->count, $this->seamwork, $this->making->perStrip($this->room->usableWidth), $rates);
    }

    /**
     * Square inches of cloth that the whole task leaves over by this method, at the exact sizes; zero for what is put together from parts.
     */
    public function waste(): float
    {
        if (! is_finite($this->cutArea)) {
            return 0.0;
        }

        return max(0.0, $this->making->cloth($this->count, $this->room->usableWidth) - $this->count * $this->cutArea);
    }

    /**
     * What to cut when some units were already made another way, or come out of a bag.
     *
     * @param  int  $madeBefore  units made before this method was chosen; only the rest is cut for
     */
    public function quantity(Piece $piece, int $madeBefore = 0): int
    {
        return $piece->quantity($this->toMake($madeBefore));
    }

    /** Units that are still to be cut for. */
    public function toMake(int $madeBefore = 0): int
    {
        return max(0, $this->count - $this->fromBag - $madeBefore);
    }

    /** Units that do not come out of the bag, because so many of the other task were made another way. */
    public function missingFromBag(int $madeOtherwise): int
    {
        return $this->fromBag - min($this->fromBag, max(0, $this->bagGives - $madeOtherwise));
    }

    /** Whether everything comes out of a bag, so that nothing is cut for this task. */
    public function isAllFromBag(int $madeBefore = 0): bool
    {
        return $this->fromBag > 0 && $this->toMake($madeBefore) === 0;
    }

    /** @return list<Step> what is left to do: of units out of a bag, the cutting and the sharing out of what was cut are done */
    public function steps(int $madeBefore = 0): array
    {
        if (! $this->isAllFromBag($madeBefore)) {
            return $this->making->steps;
        }
        $steps = [];
        $cutting = false;
        foreach ($this->making->steps as $step) {
            $sharesOut = $cutting && $step->kind === StepKind::Layer;
            $cutting = $step->kind === StepKind::Cut;
            if (! $cutting && ! $sharesOut) {
                $steps[] = $step;
            }
        }

        return $steps;
    }

    /**
     * The same task in each way it can be made, exactly and with its pieces cut larger.
     *
     * @return list<self>
     */
    public function inEveryWay(LargerMakings $larger = new LargerMakings): array
    {
        $ways = $this->ways === [] ? [$this->making] : $this->ways;
        $made = [];
        foreach ($ways as $way) {
            $made[] = $this->madeBy($way, false);
            if ($way->canBeOversize()) {
                $made[] = $this->madeBy($larger->of($way, $this->kind->oversizeBy($way->method)), true);
            }
        }

        return $made;
    }

    /** @param  string  $slot  id of a fabric slot */
    public function cutsFrom(string $slot): bool
    {
        foreach ($this->making->pieces as $piece) {
            if ($piece->isCloth() && $piece->slots[0] === $slot) {
                return true;
            }
        }

        return false;
    }

    /** The same task with its seams pressed otherwise. */
    public function pressed(?PressLook $press): self
    {
        return new self(
            $this->task, $this->digest, $this->name, $this->kind, $this->count, $this->finished, $this->unfinished, $this->patches,
            $this->making, $this->ways, $this->overhangs, $this->seamwork, $this->cutArea, $this->room, $this->drawing, $this->oversize,
            $this->fromBag, $this->bagTask, $this->bagGives, $this->byproduct, $this->quilting, $this->makes, $this->along, $this->picture,
            $press,
        );
    }

    /**
     * What a step that presses says by the plan.
     *
     * @return StepPress|null null for any other step, and where no plan knows its seams
     */
    public function pressing(Step $step): ?StepPress
    {
        if ($this->press === null || $step->kind !== StepKind::Press) {
            return null;
        }
        $pairs = self::pairs($step);
        [$onBoard, $look] = [$this->press->board?->pairs($pairs), $this->press->onBoard()];
        if ($onBoard !== null && $look !== null) {
            return StepPress::of($onBoard, $look, self::slots($this->press->board->patches ?? []));
        }

        return StepPress::of($pairs, $this->press, $this->patches === [] ? null : self::slots($this->patches), $this->making->isFromSets(), $this->kind->isNumbered);
    }

    /** At how many places of the seams that a step sews two seams meet that lie the same way. */
    public function clashes(Step $step): int
    {
        $found = [];
        foreach ($this->press === null || $step->kind !== StepKind::Sew ? [] : self::pairs($step) as [$one, $other]) {
            $flag = $this->press?->between($one, $other);
            if ($flag !== null) {
                $found[$flag->encode()] = count($flag->clashes);
            }
        }

        return array_sum($found);
    }

    /** Whether some of its seams are pressed on something else than the unit, before they are cut apart. */
    public function isPressedOnBoard(): bool
    {
        foreach ($this->making->steps as $step) {
            if ($step->kind === StepKind::Press && self::pairs($step) !== [] && $this->press?->board?->pairs(self::pairs($step)) !== null) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{int, int}> the seams of a step, by the patches or cells on their sides */
    private static function pairs(Step $step): array
    {
        return array_map(fn (On $on): array => [$on->first, $on->second], $step->operands(Operand::Seam));
    }

    /**
     * @param  list<Patch>  $patches
     * @return list<string>
     */
    private static function slots(array $patches): array
    {
        return array_map(fn (Patch $patch): string => $patch->slot, $patches);
    }

    private function madeBy(Making $making, bool $oversize): self
    {
        return new self(
            $this->task, $this->digest, $this->name, $this->kind, $this->count, $this->finished, $this->unfinished, $this->patches,
            $making, $this->ways, $this->overhangs, $this->seamwork, $this->cutArea, $this->room, $this->drawing, $oversize,
            $this->fromBag, $this->bagTask, $this->bagGives, $this->byproduct, $this->quilting, $this->makes, $this->along, $this->picture, $this->press,
        );
    }

    /** The same task on other cloth: what comes out of a strip set changes, and with it the offers, the effort and the waste. */
    public function onCloth(CuttingRoom $room, Notation $notation): self
    {
        return new self(
            $this->task, $this->digest, $this->name, $this->kind, $this->count, $this->finished, $this->unfinished, $this->patches,
            $this->making->onCloth($room, $notation),
            array_map(fn (Making $way): Making => $way->onCloth($room, $notation), $this->ways),
            $this->overhangs, $this->seamwork, $this->cutArea, $room, $this->drawing, $this->oversize, $this->fromBag,
            $this->bagTask, $this->bagGives, $this->byproduct, $this->quilting, $this->makes, $this->along,
            $this->picture, $this->press,
        );
    }

    /**
     * The same task with the parts of some blocks turned as somebody chose: only what it looks like changes.
     *
     * @param  array<string, string>  $chosen  ids of ways by the ids of blocks
     */
    public function turned(array $chosen): self
    {
        if ($this->drawing === null || array_intersect_key($chosen, $this->drawing->choices()) === []) {
            return $this;
        }

        return new self(
            $this->task, $this->digest, $this->name, $this->kind, $this->count, $this->finished, $this->unfinished, $this->patches,
            $this->making, $this->ways, $this->overhangs, $this->seamwork, $this->cutArea, $this->room, $this->drawing->turned($chosen),
            $this->oversize, $this->fromBag, $this->bagTask, $this->bagGives, $this->byproduct, $this->quilting, $this->makes, $this->along,
            $this->picture, $this->press,
        );
    }

    /**
     * What can be counted off, and up to how many: each cutting of this method, then units sewn, then units trimmed.
     *
     * Counters of cutting carry the method in their name and cover only what is still to be made by it; counters of units do not.
     *
     * @return array<string, int> totals by counter
     */
    public function counters(int $madeBefore = 0): array
    {
        if ($this->making->method->isPlain()) {
            return [self::TRIMMED => $this->count];
        }
        $counters = [];
        foreach ($this->making->pieces as $piece) {
            if ($piece->shape !== PieceShape::Part) {
                $counters[$this->cuttingCounter($piece)] = $this->quantity($piece, $madeBefore);
            }
        }

        return $counters + ($this->isTrimmed() && ! $this->kind->isPlain() ? [self::SEWN => $this->count] : []) + [self::TRIMMED => $this->count];
    }

    /** Whether a unit is trimmed once it is sewn, or cut larger; else it is finished with its last seam or cut. */
    public function isTrimmed(): bool
    {
        return ! $this->making->method->isPlain() && ! $this->kind->isFree() && $this->kind->isDeclared;
    }

    public function cuttingCounter(Piece $piece): string
    {
        // What was cut larger is not what was cut exactly.
        return 'cut:'.$this->making->method->value.($this->oversize ? '-larger' : '').':'.$piece->id;
    }

    /** The text of the task as it lies in the sheet of its clue. */
    public function text(Writer $writer): string
    {
        return Writer::json($this->toData($writer));
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(Writer $writer): array
    {
        return [
            'task' => $this->task,
            'digest' => $this->digest,
            'name' => $this->name,
            'kind' => $this->kind->value,
            'count' => $this->count,
            'finished' => $this->finished->encode(),
            'unfinished' => $this->unfinished->encode(),
            ...($this->along === null ? [] : ['along' => array_map(fn (Size $size): string => $size->encode(), $this->along)]),
            'patches' => $writer->encoded($this->patches),
            'making' => $this->making->toData($writer),
            'offers' => array_map(fn (MethodOffer $offer): array => $offer->toData(
                $writer, withPieces: $this->oversize || ! $offer->method->is($this->making->method->value),
            ), $this->offers()),
            'overhangs' => array_map(fn (Overhang $overhang): string => $overhang->encode(), $this->overhangs),
            'seams' => $this->seamwork->seams,
            'seam_length' => round($this->seamwork->length, 6),
            ...(is_finite($this->cutArea) ? ['cut_area' => round($this->cutArea, 6)] : []),
            'room' => $this->room->toData(),
            ...($this->drawing === null ? [] : ['drawing' => $this->drawing->toData($writer)]),
            ...($this->oversize ? ['oversize' => true] : []),
            ...($this->bagTask === null ? [] : ['bag' => [
                'count' => $this->fromBag, 'task' => $this->bagTask, 'gives' => $this->bagGives,
            ]]),
            ...($this->byproduct === null ? [] : ['byproduct' => $this->byproduct->toData($writer)]),
            'makes' => $this->makes,
            ...($this->picture === null ? [] : ['picture' => $this->picture]),
            ...($this->press === null ? [] : ['press' => $this->press->toData()]),
            ...($this->quilting === [] ? [] : ['quilting' => BlockQuilting::toData($this->quilting)]),
        ];
    }

    /**
     * @param  bool  $whole  false where steps and other ways of making are not asked for
     *
     * @throws DocumentException
     */
    public static function fromData(Node $data, bool $whole = true): self
    {
        $making = Making::fromData($data->get('making'), $whole);
        $size = fn (Node $text): Size => Size::decode($text->text());
        $bag = $data->has('bag') ? $data->get('bag') : null;

        return new self(
            task: $data->get('task')->text(),
            digest: $data->get('digest')->text(),
            name: $data->get('name')->text(),
            kind: UnitLibrary::kindAt($data->get('kind')),
            count: $data->get('count')->count(),
            finished: $size($data->get('finished')),
            unfinished: $size($data->get('unfinished')),
            patches: Patch::list($data->get('patches')),
            making: $making,
            ways: ! $whole ? [$making] : array_map(
                fn (Node $way): Making => $way->has('pieces')
                    ? Making::bare($way)
                    : $making,
                $data->get('offers')->items(),
            ),
            overhangs: array_map(Overhang::decode(...), $data->get('overhangs')->texts()),
            seamwork: new Seamwork($data->get('seams')->count(), $data->get('seam_length')->number()),
            cutArea: $data->has('cut_area') ? $data->get('cut_area')->number() : INF,
            room: CuttingRoom::fromData($data->get('room')),
            drawing: $data->has('drawing') ? BlockDrawing::fromData($data->get('drawing')) : null,
            oversize: $data->has('oversize'),
            fromBag: $bag === null ? 0 : $bag->get('count')->count(),
            bagTask: $bag?->get('task')->text(),
            bagGives: $bag === null ? 0 : $bag->get('gives')->count(),
            byproduct: $data->has('byproduct') ? Byproduct::fromData($data->get('byproduct')) : null,
            quilting: $data->has('quilting') ? BlockQuilting::fromData($data->get('quilting')) : [],
            makes: $data->get('makes')->texts(),
            along: $data->has('along') ? [$size($data->get('along')->get(0)), $size($data->get('along')->get(1))] : null,
            picture: $data->has('picture') ? $data->get('picture')->text() : null,
            press: $data->has('press') ? PressLook::fromData($data->get('press')) : null,
        );
    }
}
