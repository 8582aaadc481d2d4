<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Kind\PutTogether;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * Strips longer than the cloth is wide, joined end to end and then cut to length: a border, or sashing between rows.
 *
 * Of strips of cut width w, each diagonal join costs j = w of length and each straight one j = 2s. Joined to one length L they take
 * ⌈(L − j)/(usable − j)⌉ strips; each length from strips of its own, as many as that comes to together. What takes fewer is done.
 */
final readonly class LongStrips implements Unit
{
    use Patchwork;

    /**
     * @param  Length  $width  finished
     * @param  non-empty-list<array{Measurement, int}>  $lengths  how long they are cut, as long as what they are sewn to, and how many of each
     * @param  list<Patch>  $patches  where they lie in the quilt
     * @param  Size  $around  finished size of what they lie in
     * @param  bool  $isBorder  else sashing between rows
     * @param  bool  $mitred  a border whose strips meet in the corners on a slant
     * @param  array{Measurement, Measurement}|null  $sewn  what the quilt measures with a border sewn on, raw edge to raw edge
     */
    public function __construct(
        private Slot $slot,
        private Length $width,
        private array $lengths,
        private array $patches,
        private Size $around,
        private bool $isBorder,
        private bool $mitred = false,
        private ?array $sewn = null,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(PutTogether::LONG_STRIPS);
    }

    public function finished(): Size
    {
        return $this->around;
    }

    public function slots(): array
    {
        return [$this->slot];
    }

    public function patches(): array
    {
        return $this->patches;
    }

    /** Total length to cut. */
    public function totalLength(): Length
    {
        return Length::sum($this->cutLengths());
    }

    /** @return non-empty-list<Length> the length of each strip as it is cut */
    private function cutLengths(): array
    {
        $lengths = [];
        foreach ($this->lengths as [$length, $count]) {
            array_push($lengths, ...array_fill(0, max(1, $count), $length->exact));
        }

        return $lengths;
    }

    /**
     * How many strips across the cloth some lengths take, and whether each length is made from strips of its own.
     *
     * @param  non-empty-list<Length>  $lengths  as they are cut
     * @param  Length  $join  what each join costs
     * @return array{int, bool}
     */
    public static function strips(array $lengths, Length $join, Length $usable): array
    {
        $joined = self::strip(Length::sum($lengths), $join, $usable);
        $apart = array_sum(array_map(fn (Length $length): int => self::strip($length, $join, $usable), $lengths));

        return [min($joined, $apart), $apart < $joined];
    }

    /** ⌈(L − j) / (usable − j)⌉ strips make a length L, where each join takes j; at least one. */
    public static function strip(Length $length, Length $join, Length $usable): int
    {
        if (! $length->isGreaterThan($usable)) {
            return 1;
        }
        $each = $usable->minus($join);
        $least = $length->minus($join);
        $count = $least->countOf($each);

        return $count + ($each->times($count)->isLessThan($least) ? 1 : 0);
    }

    /** @throws InvalidArgumentException when a strip is wider than the cloth */
    public function making(Method $method, CuttingRoom $room): Making
    {
        $width = $room->unfinished($this->width);
        $cost = match ($method->value) {
            PutTogether::LONG_STRIPS_DIAGONAL => $width->exact,
            PutTogether::LONG_STRIPS_STRAIGHT => $room->seam->times(2),
            default => throw new Refused('unit.not_made_by', ['method' => $method->value]),
        };
        if (! $room->usableWidth->minus($cost)->isPositive()) {
            throw new Refused('setting.strip_too_wide');
        }
        $lengths = $this->cutLengths();
        [$strips, $isApart] = self::strips($lengths, $cost, $room->usableWidth);
        $seam = ['seam' => $room->allowance()];
        $on = [On::piece('strips')];
        $steps = match (true) {
            // No strip is joined to another.
            $isApart && $strips === count($lengths) => [],
            $method->is(PutTogether::LONG_STRIPS_DIAGONAL) => [
                new Step(StepKind::Sew, $isApart ? 'long_strips.diagonal_apart' : 'long_strips.diagonal', $seam, on: $on),
                new Step(StepKind::Press, 'long_strips.press', on: $on),
            ],
            default => [
                new Step(StepKind::Sew, $isApart ? 'long_strips.straight_apart' : 'long_strips.straight', $seam, on: $on),
                new Step(StepKind::Press, 'long_strips.press', on: $on),
            ],
        };
        foreach ($this->lengths as [$length, $count]) {
            $measures = ['length' => $length];
            $steps[] = $this->isBorder
                ? new Step(StepKind::Cut, 'long_strips.border', $measures, counts: ['count' => $count], on: $on)
                : new Step(StepKind::Cut, 'long_strips.sashing', $measures, counts: ['count' => $count], on: $on);
        }
        if ($this->mitred) {
            $steps[] = new Step(StepKind::Sew, 'long_strips.mitre_sides', $seam, on: $on);
            $steps[] = new Step(StepKind::Sew, 'long_strips.mitre_corners', on: $on);
        }
        $steps[] = $this->isBorder
            ? new Step(StepKind::Check, 'long_strips.border_check', on: $on)
            : new Step(StepKind::Check, 'long_strips.sashing_check', on: $on);

        return new Making($method, [Piece::strip('strips', $this->slot->id, $width, new Batch(each: max(1, $strips)))], $steps, sewn: $this->sewn);
    }

    /** Their joins depend on the cloth, so no seam is counted. */
    public function seamwork(): Seamwork
    {
        return Seamwork::none();
    }

    /** What is cut off at the joins depends on the cloth, so there is no area to compare with. */
    public function cutArea(CuttingRoom $room): float
    {
        return INF;
    }

    public function overhangs(CuttingRoom $room): array
    {
        return [];
    }
}
