<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Seam;
use Dew\Core\Geometry\Seams;
use Dew\Core\Making\Overhang;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A unit the library does not know: its host says where each piece lies; Dew cuts round templates, or by the sizes the pattern gives. A
 * piece may itself be a unit that was made before.
 */
final readonly class CustomUnit implements LibraryUnit
{
    use Patchwork;

    public const KIND = 'custom';

    public const PIECES = 'custom:pieces';

    /** @var list<Outline> of the pieces, in the unit */
    private array $outlines;

    /** @var array<string, int> numbers of the pieces by their ids */
    private array $numbers;

    /**
     * @param  list<Slot>  $slots
     * @param  non-empty-list<CustomPiece>  $pieces
     * @param  array<string, Unit>  $products  at least what its pieces are made of, by product key
     * @param  list<CustomSeam>  $seams  in the order of sewing; empty when the pattern leaves it open
     * @param  list<CustomSection>  $sections
     * @param  array<string, string>  $made  product keys of the sections that are made by a task of their own, by section id
     *
     * @throws InvalidArgumentException when a piece names no fabric of the unit, has no area or stands out of it
     */
    public function __construct(
        private Size $finished,
        private array $slots,
        private array $pieces,
        private array $products = [],
        private array $seams = [],
        private array $sections = [],
        private array $made = [],
    ) {
        $outlines = $numbers = [];
        foreach ($pieces as $number => $piece) {
            $outlines[] = $outline = $piece->placed === null ? $this->ownOutline($piece) : $this->placedOutline($piece->placed);
            $numbers[$piece->id] = $number;
            foreach ($outline->corners as $corner) {
                $out = $corner->x->isNegative() || $corner->y->isNegative()
                    || $corner->x->isGreaterThan($finished->width) || $corner->y->isGreaterThan($finished->height);
                if ($out) {
                    throw new Refused('unit.corner_outside', ['id' => $piece->id, 'x' => $corner->x->toDecimal(3), 'y' => $corner->y->toDecimal(3)]);
                }
            }
        }
        $this->outlines = $outlines;
        $this->numbers = $numbers;
        foreach ($seams as $seam) {
            $this->checkSeam($seam);
        }
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [1, 40], [self::PIECES], null, ['pieces', 'seams', 'sections'], isCareful: true, slanted: [self::PIECES]);
    }

    public static function from(UnitSpec $spec, array $products): Unit
    {
        $options = $spec->options;
        if ($options->pieces === []) {
            throw $spec->missing('pieces');
        }
        foreach ($options->pieces as $piece) {
            if ($piece->outline === null && $piece->placed === null) {
                return new GivenUnit($spec->finished, $spec->slots, $options->pieces);
            }
        }

        return new self($spec->finished, $spec->slots, $options->pieces, $products, $options->seams, $options->sections);
    }

    public static function example(string $kind, Size $size, int $fabrics): UnitOptions
    {
        return new UnitOptions(pieces: ExamplePieces::of($size, $fabrics));
    }

    public static function usual(string $kind, Size $size, array $fabrics): array
    {
        [$width, $height] = [LengthText::of($size->width), LengthText::of($size->height)];

        return ['pieces' => [['id' => 'p-whole', 'fabric' => $fabrics[0], 'shape' => [
            ['x' => '0', 'y' => '0'], ['x' => $width, 'y' => '0'], ['x' => $width, 'y' => $height], ['x' => '0', 'y' => $height],
        ]]]];
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(self::KIND);
    }

    public function finished(): Size
    {
        return $this->finished;
    }

    public function slots(): array
    {
        return $this->slots;
    }

    public function patches(): array
    {
        $patches = [];
        foreach ($this->pieces as $number => $piece) {
            array_push($patches, ...$this->patchesOf($number));
        }

        return $patches;
    }

    public function contents(): array
    {
        $contents = [];
        foreach ($this->pieces as $piece) {
            if ($piece->placed !== null) {
                $contents[$piece->placed->product] = ($contents[$piece->placed->product] ?? 0) + 1;
            }
        }

        return $contents;
    }

    public function seamwork(): Seamwork
    {
        $outlines = $this->outlinePatches();

        return new Seamwork(count($outlines) - 1, Seams::length($outlines, $this->outline()->perimeter()));
    }

    /** The seams of one section alone. */
    public function seamworkOf(CustomSection $section): Seamwork
    {
        $patches = array_values(array_intersect_key($this->outlinePatches(), $this->among($section)));
        $lengths = array_map(fn (Seam $seam): float => $seam->length, Seams::between($patches, $this->finished->width->dividedBy(8)));

        return new Seamwork(count($patches) - 1, array_sum($lengths));
    }

    /** Only of what is cut for it: units made before bring their own. */
    public function cutArea(CuttingRoom $room): float
    {
        return $this->cutAreaOf(array_keys($this->pieces), $room);
    }

    /** What is cut for one section alone. */
    public function cutAreaOfSection(CustomSection $section, CuttingRoom $room): float
    {
        return $this->cutAreaOf(array_keys($this->among($section)), $room);
    }

    /** Seams that are set in are matched at their marks, so nothing is said of their ends. */
    public function overhangs(CuttingRoom $room): array
    {
        return $this->overhangsAmong(array_keys($this->pieces), $room);
    }

    /** @return list<Overhang> of the seams within one section */
    public function overhangsOf(CustomSection $section, CuttingRoom $room): array
    {
        return $this->overhangsAmong(array_keys($this->among($section)), $room);
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(self::PIECES)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }

        return (new CustomMaking($this, $this->pieces, $this->seams, $room))->whole($this->sections, $this->made);
    }

    /**
     * The same unit when some of its sections are made before it, by tasks of their own.
     *
     * @param  array<string, string>  $made  product keys by section id
     */
    public function withSectionsMade(array $made): self
    {
        return new self($this->finished, $this->slots, $this->pieces, $this->products, $this->seams, $this->sections, $made);
    }

    /** @throws InvalidArgumentException when there is no such section */
    public function section(string $id): SectionUnit
    {
        foreach ($this->sections as $section) {
            if ($section->id === $id) {
                return new SectionUnit($this, $section);
            }
        }

        throw new Refused('unit.no_section', ['id' => $id]);
    }

    /** Pieces and steps of one section alone. */
    public function makingOfSection(CustomSection $section, CuttingRoom $room): Making
    {
        return (new CustomMaking($this, $this->pieces, $this->seams, $room))->section($section);
    }

    /**
     * The patches of one piece: several when it is a unit.
     *
     * @return list<Patch>
     */
    public function patchesOf(int $number): array
    {
        $piece = $this->pieces[$number];
        if ($piece->placed === null) {
            return [new Patch($this->slots[$piece->fabric]->id, $this->outlines[$number])];
        }
        $unit = $this->products[$piece->placed->product];
        $placed = $piece->placed;

        return array_map(
            fn (Patch $patch): Patch => $patch->oriented($placed->orientation, $unit->finished())->movedBy($placed->at->x, $placed->at->y),
            $unit->patches(),
        );
    }

    public function outlineOf(int $number): Outline
    {
        return $this->outlines[$number];
    }

    public function number(string $piece): int
    {
        return $this->numbers[$piece];
    }

    public function unitOf(PlacedUnit $placed): Unit
    {
        return $this->products[$placed->product];
    }

    /** @return list<Patch> one for each piece, whatever it is made of */
    public function outlinePatches(): array
    {
        return array_map(
            fn (Outline $outline, int $number): Patch => new Patch($this->patchesOf($number)[0]->slot, $outline),
            $this->outlines,
            array_keys($this->outlines),
        );
    }

    /** @return array<int, true> the numbers of a section's pieces */
    private function among(CustomSection $section): array
    {
        $numbers = array_map($this->number(...), $section->pieces);
        sort($numbers);

        return array_fill_keys($numbers, true);
    }

    /** @param  list<int>  $numbers  of pieces */
    private function cutAreaOf(array $numbers, CuttingRoom $room): float
    {
        $area = 0.0;
        foreach ($numbers as $number) {
            if ($this->pieces[$number]->placed === null) {
                $area += CutShape::of($this->outlines[$number], $room->seam)->bluntedTo($this->finished, $room->seam)->area();
            }
        }

        return $area;
    }

    /**
     * @param  list<int>  $numbers  of pieces
     * @return list<Overhang> where the slanted seams between them begin and end
     */
    private function overhangsAmong(array $numbers, CuttingRoom $room): array
    {
        $all = $this->outlinePatches();
        $patches = array_map(fn (int $number): Patch => $all[$number], $numbers);
        $overhangs = [];
        foreach (Seams::slanted(Seams::between($patches, $room->seam)) as $seam) {
            $declared = $this->seamBetween($this->pieces[$numbers[$seam->first]]->id, $this->pieces[$numbers[$seam->second]]->id);
            if ($declared?->sewing === null) {
                $overhang = $this->overhang($seam, $patches[$seam->first]->slot, $patches[$seam->second]->slot);
                $overhangs[$overhang->encode()] = $overhang;
            }
        }

        return array_values($overhangs);
    }

    private function seamBetween(string $one, string $other): ?CustomSeam
    {
        foreach ($this->seams as $seam) {
            if ($seam->isBetween($one, $other)) {
                return $seam;
            }
        }

        return null;
    }

    private function ownOutline(CustomPiece $piece): Outline
    {
        if (! isset($this->slots[$piece->fabric])) {
            throw new Refused('unit.piece_of_fabric', ['id' => $piece->id, 'fabric' => $piece->fabric + 1, 'slots' => count($this->slots)]);
        }
        $outline = $piece->outline;
        if ($outline === null || (count($outline->corners) < 3 && $outline->arcs === []) || $outline->area() < 1e-6) {
            throw new Refused('unit.piece_without_area', ['id' => $piece->id]);
        }
        $seen = [];
        foreach ($outline->corners as $corner) {
            if (isset($seen[$corner->encode()])) {
                throw new Refused('unit.corner_repeated', ['id' => $piece->id, 'x' => $corner->x->toDecimal(3), 'y' => $corner->y->toDecimal(3)]);
            }
            $seen[$corner->encode()] = true;
        }

        return $outline;
    }

    private function placedOutline(PlacedUnit $placed): Outline
    {
        $unit = $this->products[$placed->product];

        return $unit->outline()->oriented($placed->orientation, $unit->finished())->movedBy($placed->at->x, $placed->at->y);
    }

    private function checkSeam(CustomSeam $seam): void
    {
        $pieces = [$seam->first, $seam->second];
        foreach ($pieces as $id) {
            if (! isset($this->numbers[$id])) {
                throw new Refused('unit.seam_without_piece', ['seam' => $seam->id, 'piece' => $id]);
            }
        }
        $patches = array_map(fn (string $id): Patch => new Patch('', $this->outlines[$this->numbers[$id]]), $pieces);
        if (Seams::between($patches, $this->finished->width->dividedBy(8)) === []) {
            throw new Refused('unit.seam_without_edge', ['id' => $seam->id, 'first' => $pieces[0], 'second' => $pieces[1]]);
        }
    }
}
