<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Lay;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * A 45° parallelogram cut from a strip set, its strips along the top and bottom edges, leaning to the right at the top.
 *
 * Of a set of finished height h, segments of finished width g have the unequal sides h√2 and g√2. They are cut g + 2s wide, measured square
 * to the cut, and take (g + 2s)√2 of the set each; the first cut loses the sewn height, or one strip when the strips are staggered.
 */
final readonly class StripParallelogram implements LibraryUnit
{
    use Patchwork;

    public const KIND = 'strip-parallelogram';

    public const PLAIN = 'strip-parallelogram:plain';

    public const STAGGERED = 'strip-parallelogram:staggered';

    /**
     * @param  Length  $across  finished width g, square to the slanted sides
     * @param  non-empty-list<Length>  $widths  finished strips from top to bottom
     * @param  non-empty-list<Slot>  $slots  one for each strip
     *
     * @throws InvalidArgumentException when strips and fabrics do not agree
     */
    public function __construct(
        private Length $across,
        private array $widths,
        private array $slots,
    ) {
        if (count($widths) !== count($slots)) {
            throw new Refused('unit.strip_fabrics', ['strips' => count($widths), 'needed' => count($widths), 'count' => count($slots)]);
        }
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [1, 8], [self::PLAIN, self::STAGGERED], null, ['widths', 'hand'], isFree: true);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        $sum = Length::sum($spec->widths());
        if (! $sum->equals($spec->finished->height)) {
            throw new Refused('unit.strips_high', ['sum' => $sum->toDecimal(3), 'height' => $spec->finished->height->toDecimal(3)]);
        }

        return new self($spec->finished->width, $spec->widths(), $spec->slots());
    }

    public static function example(string $kind, Size $size, int $fabrics): UnitOptions
    {
        return UnitOptions::unequal($size->height, $fabrics);
    }

    public static function usual(string $kind, Size $size, array $fabrics): array
    {
        return UnitOptions::equal($size->height, count($fabrics));
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(self::KIND);
    }

    public function finished(): Size
    {
        return new Size($this->across->timesRoot2()->plus($this->height()), $this->height());
    }

    public function slots(): array
    {
        return $this->slots;
    }

    public function patches(): array
    {
        $base = $this->across->timesRoot2();
        $from = Length::zero();
        $patches = [];
        foreach ($this->widths as $index => $width) {
            $to = $from->plus($width);
            [$upper, $lower] = [$this->height()->minus($from), $this->height()->minus($to)];
            $patches[] = new Patch(
                $this->slots[$index]->id,
                new Outline(
                    new Point($upper, $from),
                    new Point($upper->plus($base), $from),
                    new Point($lower->plus($base), $to),
                    new Point($lower, $to),
                ),
            );
            $from = $to;
        }

        return $patches;
    }

    public function outline(): Outline
    {
        [$zero, $base, $height] = [Length::zero(), $this->across->timesRoot2(), $this->height()];

        return new Outline(
            new Point($height, $zero),
            new Point($height->plus($base), $zero),
            new Point($base, $height),
            new Point($zero, $height),
        );
    }

    /** @throws InvalidArgumentException when not one segment fits across the cloth */
    public function making(Method $method, CuttingRoom $room): Making
    {
        $both = $room->seam->times(2);
        $sewn = $this->height()->plus($both);
        $staggered = match ($method->value) {
            self::PLAIN => false,
            self::STAGGERED => true,
            default => throw new Refused('unit.not_made_by', ['method' => $method->value]),
        };
        $widest = fn (Length $most, Length $width): Length => $width->plus($both)->isGreaterThan($most) ? $width->plus($both) : $most;
        $lost = $staggered ? array_reduce($this->widths, $widest, Length::zero()) : $sewn;
        $ids = array_map(fn (Slot $slot): string => $slot->id, $this->slots);
        $strip = array_map($room->unfinished(...), $this->widths);
        $comesOut = Measurement::sewn($sewn, $strip);
        $advance = Measurement::exact($this->across->plus($both)->timesRoot2());
        $lay = new Lay(null, $advance, lost: Measurement::exact($lost), chiral: true, grain: Grain::AlongStrip);
        $segment = Piece::segment('segment', $ids, $room->unfinished($this->across), $comesOut, lay: $lay);
        $perSet = $segment->perSet($room->usableWidth, $room->squaring);
        if ($perSet < 1) {
            throw new Refused('unit.no_segment');
        }
        $strips = [];
        foreach ($this->widths as $index => $width) {
            $strips[] = Piece::strip(
                'strip-'.($index + 1),
                $ids[$index],
                $room->unfinished($width),
                new Batch($perSet, segment: 'segment'),
            );
        }

        $seams = SeamPairs::inARow(count($this->widths));
        $sew = ['seam' => $room->allowance(), 'stagger' => Measurement::exact($this->widths[0])];
        $cut = [On::piece('segment')];

        return new Making($method, [...$strips, $segment], [
            $staggered
                ? new Step(StepKind::Sew, 'strip_parallelogram.staggered.sew', $sew, on: [On::piece('strip-1'), ...$seams])
                : new Step(StepKind::Sew, 'strip_parallelogram.plain.sew', $sew, on: [On::piece('strip-1'), ...$seams]),
            new Step(StepKind::Press, 'rail.strips.press', on: [On::piece('segment'), ...$seams]),
            new Step(StepKind::Check, 'four_patch.strips.check', ['sewn' => $comesOut], on: $cut),
            new Step(StepKind::Cut, 'strip_parallelogram.cut', ['segment' => $segment->width], counts: ['segments' => $perSet], on: $cut),
        ], 2);
    }

    private function height(): Length
    {
        return Length::sum($this->widths);
    }
}
