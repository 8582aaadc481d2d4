<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\IroningBoard;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\PressedByKind;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * Logs of one width sewn round a centre, course by course, clockwise from the top.
 *
 * With three fabrics the top and right logs are of the second and the bottom and left ones of the third; with more, each course has two of
 * its own.
 */
final readonly class LogCabin implements LibraryUnit, PressedByKind
{
    use Patchwork;

    public const KIND = 'log-cabin';

    public const LOGS = 'log-cabin:logs';

    public const STRIPS = 'log-cabin:strips';

    /**
     * @param  non-empty-list<Slot>  $slots  centre and two, or centre and two for each course
     *
     * @throws InvalidArgumentException when the centre leaves no room for logs, or fabrics and courses do not agree
     */
    public function __construct(
        private Length $side,
        private Length $centre,
        private int $courses,
        private array $slots,
    ) {
        if (! $centre->isLessThan($side)) {
            throw new Refused('unit.centre_too_large');
        }
        if ($courses < 1 || $courses > 8) {
            throw new Refused('unit.courses', ['courses' => $courses]);
        }
        if (count($slots) !== 3 && count($slots) !== 1 + 2 * $courses) {
            throw new Refused('unit.course_fabrics', ['courses' => $courses, 'most' => 1 + 2 * $courses, 'count' => count($slots)]);
        }
    }

    public static function define(string $kind): UnitKind
    {
        return new UnitKind($kind, [3, 17], [self::LOGS, self::STRIPS], options: ['centre', 'courses'], oddFabrics: true, isNumbered: true);
    }

    public static function from(UnitSpec $spec, array $products): self
    {
        return new self(
            $spec->finished->width,
            $spec->options->centre ?? throw $spec->missing('centre'),
            $spec->options->courses ?? throw $spec->missing('courses'),
            $spec->slots(),
        );
    }

    public static function example(string $kind, Size $size, int $fabrics): UnitOptions
    {
        return new UnitOptions(centre: $size->height->dividedBy(5), courses: self::coursesFor($fabrics));
    }

    public static function usual(string $kind, Size $size, array $fabrics): array
    {
        return ['centre' => LengthText::of($size->height->dividedBy(4)), 'courses' => self::coursesFor(count($fabrics))];
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(self::KIND);
    }

    public function finished(): Size
    {
        return Size::square($this->side);
    }

    public function slots(): array
    {
        return $this->slots;
    }

    public function patches(): array
    {
        $log = $this->log();
        $left = $top = $log->times($this->courses);
        $patches = [new Patch($this->slots[0]->id, Outline::rectangle($left, $top, Size::square($this->centre)))];
        foreach ($this->lengths() as $course => [$one, $two, , $four]) {
            [$light, $dark] = $this->pair($course);
            $top = $top->minus($log);
            $patches[] = new Patch($light->id, Outline::rectangle($left, $top, new Size($one, $log)));
            $patches[] = new Patch($light->id, Outline::rectangle($left->plus($one), $top, new Size($log, $two)));
            $patches[] = new Patch($dark->id, Outline::rectangle($left, $top->plus($two), new Size($two, $log)));
            $left = $left->minus($log);
            $patches[] = new Patch($dark->id, Outline::rectangle($left, $top, new Size($log, $four)));
        }

        return $patches;
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if (! $method->is(self::LOGS) && ! $method->is(self::STRIPS)) {
            throw new Refused('unit.not_made_by', ['method' => $method->value]);
        }
        $long = $method->is(self::STRIPS);
        $width = $room->unfinished($this->log());
        $centre = $room->unfinished($this->centre);
        $pieces = [Piece::square('centre', $this->slots[0]->id, $centre)];
        $checks = [];
        $across = [$centre];
        foreach ($this->lengths() as $course => $lengths) {
            [$light, $dark] = $this->pair($course);
            foreach ($lengths as $index => $length) {
                $slot = $index < 2 ? $light : $dark;
                $exact = $room->unfinished($length);
                $cut = $long ? Measurement::up($exact->exact->plus(Length::fraction(1, 2))) : $exact;
                $pieces[] = new Piece(sprintf('log-%d-%d', $course + 1, $index + 1), PieceShape::Rectangle, [$slot->id], $width, $cut);
            }
            array_push($across, $width, $width);
            $sewn = ['unfinished' => Measurement::sewn($room->unfinished($lengths[3])->exact, $across)];
            $logs = array_map(fn (int $log): On => On::piece(sprintf('log-%d-%d', $course + 1, $log)), [1, 2, 3, 4]);
            $checks[] = new Step(StepKind::Check, 'log_cabin.check', $sewn, counts: ['course' => $course + 1], on: $logs);
        }
        $whole = Measurement::sewn($room->unfinished($this->side)->exact, $across);
        $seams = SeamPairs::of($this->patches());
        $seam = ['seam' => $room->allowance()];

        return new Making($method, $pieces, [
            $long ? new Step(
                StepKind::Sew,
                'log_cabin.strips.sew',
                $seam,
                on: $seams,
            ) : new Step(StepKind::Sew, 'log_cabin.logs.sew', $seam, on: $seams),
            new Step(StepKind::Press, 'log_cabin.press', on: $seams),
            ...$checks,
            new Step(StepKind::Trim, 'four_patch.trim', ['unfinished' => $whole], on: [On::whole()]),
        ], sewn: [$whole, $whole]);
    }

    /** Every seam away from the centre: to the log that is sewn on with it. */
    public function pressedToward(): array
    {
        return array_map(fn (On $seam): array => [$seam->first, $seam->second], SeamPairs::of($this->patches()));
    }

    public function board(CuttingRoom $room): ?IroningBoard
    {
        return null;
    }

    /** Finished width of a log. */
    private function log(): Length
    {
        return $this->side->minus($this->centre)->dividedBy(2 * $this->courses);
    }

    /** @return list<array{Length, Length, Length, Length}> finished lengths of the four logs of each course: a, a + w, a + w, a + 2w */
    private function lengths(): array
    {
        $lengths = [];
        $side = $this->centre;
        for ($course = 0; $course < $this->courses; $course++) {
            $next = $side->plus($this->log());
            $lengths[] = [$side, $next, $next, $next->plus($this->log())];
            $side = $next->plus($this->log());
        }

        return $lengths;
    }

    /** @return array{Slot, Slot} */
    private function pair(int $course): array
    {
        $first = count($this->slots) === 3 ? 1 : 1 + 2 * $course;

        return [$this->slots[$first], $this->slots[$first + 1]];
    }

    /** Two where three fabrics take turns; else a course for each pair of them. */
    private static function coursesFor(int $fabrics): int
    {
        return $fabrics > 3 ? intdiv($fabrics - 1, 2) : 2;
    }
}
