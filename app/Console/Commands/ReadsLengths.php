<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wording\Figure;
use App\Wording\Problems;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthParser;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;

/** What the commands of the bench share: lengths as people write them, and what is said where they cannot be. */
trait ReadsLengths
{
    /** @throws MeasureException */
    private function length(string $option): Length
    {
        return Length::parse($this->text($option));
    }

    /**
     * A size as people write it, "60 x 80".
     *
     * @throws MeasureException
     */
    private function size(string $option): Size
    {
        [$width, $height] = [...explode('x', str_replace('×', 'x', $this->text($option)), 2), ''];

        return new Size(Length::parse($width), Length::parse($height));
    }

    /**
     * Lengths with commas between.
     *
     * @return non-empty-list<Length>
     *
     * @throws MeasureException
     */
    private function lengths(string $text): array
    {
        return array_map(Length::parse(...), LengthParser::texts($text));
    }

    /** @param  callable(): int  $run */
    private function saying(callable $run): int
    {
        try {
            return $run();
        } catch (MeasureException $error) {
            $this->error(Problems::of($error));
        } catch (MeasureRefused $error) {
            $this->error(__('benchwork.wrong.'.$error->sentence()));
        }

        return self::INVALID;
    }

    private function inches(Length $length): string
    {
        return Figure::text(Measurement::setting($length->nearestTo(Notation::Fractions->fineStep())), Notation::Fractions);
    }
}
