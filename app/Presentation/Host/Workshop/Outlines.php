<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;

/** The outlines of a custom unit's pieces for the grid on which their corners are set; lengths in inches. */
final readonly class Outlines
{
    private const STEPS = ['1/8', '1/4', '1/2', '1'];

    private const METRIC_STEPS = ['0.25', '0.5', '1'];

    /**
     * @param  list<array{id: string, name: string, place: string, paint: string, raw: mixed, shape: list<array<string, mixed>>}>  $pieces
     */
    private function __construct(
        public float $width,
        public float $height,
        public array $pieces,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $unit  as the draft has it
     * @return self|null null when nothing of it can be drawn
     */
    public static function of(array $unit, string $id, Palette $palette): ?self
    {
        $finished = $unit['finished'] ?? null;
        $sides = is_array($finished) ? [$finished['width'] ?? null, $finished['height'] ?? null] : [$finished, $finished];
        [$width, $height] = array_map(self::inches(...), $sides);
        $pieces = [];
        foreach (is_array($unit['pieces'] ?? null) ? array_values($unit['pieces']) : [] as $number => $piece) {
            $shape = is_array($piece) ? self::shape($piece['shape'] ?? null) : null;
            if ($shape !== null && is_string($piece['id'] ?? null)) {
                $pieces[] = [
                    'id' => $piece['id'],
                    'name' => is_string($piece['letter'] ?? null) ? $piece['letter'] : (string) ($number + 1),
                    'place' => "units/$id/pieces/{$piece['id']}/shape",
                    'paint' => $palette->paint(is_string($piece['fabric'] ?? null) ? $piece['fabric'] : ''),
                    'raw' => $piece['shape'],
                    'shape' => $shape,
                ];
            }
        }

        return $pieces === [] || $width === null || $height === null ? null : new self($width, $height, $pieces);
    }

    /** @return array<string, float> how far apart the lines of the grid may be, in inches, by how that is called */
    public static function steps(Notation $notation): array
    {
        $unit = $notation === Notation::Centimetres ? 'cm' : 'in';
        $steps = [];
        foreach ($unit === 'cm' ? self::METRIC_STEPS : self::STEPS as $step) {
            $steps["$step $unit"] = Length::parse("$step $unit")->toFloat();
        }

        return $steps;
    }

    /** @return list<array<string, mixed>>|null corners with `at`, and arcs with `radius`; null when a length in it cannot be read */
    private static function shape(mixed $shape): ?array
    {
        $read = [];
        foreach (is_array($shape) ? $shape : [] as $one) {
            $is = fn (string $key): bool => is_array($one) && is_string($one[$key] ?? null);
            if ($is('arc')) {
                $radius = self::inches($one['arc']);
                $read[] = ['arc' => $one['arc'], 'radius' => $radius, 'clockwise' => ($one['clockwise'] ?? true) === true];
            } elseif ($is('x') && $is('y')) {
                $at = [self::inches($one['x']), self::inches($one['y'])];
                $radius = in_array(null, $at, true) ? null : 0.0;
                $read[] = ['x' => $one['x'], 'y' => $one['y'], 'at' => $at];
            } else {
                return null;
            }
            if ($radius === null) {
                return null;
            }
        }

        return $read === [] || isset($read[0]['arc']) ? null : $read;
    }

    private static function inches(mixed $text): ?float
    {
        try {
            return is_string($text)
                ? Node::fromJson((string) json_encode(['x' => $text]), strlen($text) * 6 + 20)->get('x')->lengthOrZero()->toFloat()
                : null;
        } catch (DocumentException) {
            return null;
        }
    }
}
