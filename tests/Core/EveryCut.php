<?php

declare(strict_types=1);

namespace Tests\Core;

use Dew\Core\Cutting\Wanted;

/**
 * The shortest length of cloth for a handful of pieces, found by trying every way of parting them by cuts from edge to edge: piece by
 * piece and set by set, with nothing of the code it checks.
 */
final class EveryCut
{
    /** @var list<list<array{int, int}>> height and length of each way a piece can lie */
    private array $pieces = [];

    /** @var array<string, int> */
    private array $known = [];

    /** @var list<int> */
    private array $sums;

    /** @param  list<Wanted>  $wanted  none that interlock */
    public function __construct(array $wanted, private readonly int $width)
    {
        $sums = [0 => true];
        foreach ($wanted as $piece) {
            for ($number = 0; $number < $piece->count; $number++) {
                $ways = [[$piece->height, $piece->length]];
                if ($piece->turns && $piece->height !== $piece->length) {
                    $ways[] = [$piece->length, $piece->height];
                }
                $this->pieces[] = $ways;
                foreach (array_keys($sums) as $sum) {
                    foreach ($ways as [$height]) {
                        $sums[$sum + $height] = true;
                    }
                }
            }
        }
        unset($sums[0]);
        $this->sums = array_keys($sums);
        sort($this->sums);
    }

    public function length(): int
    {
        $all = (1 << count($this->pieces)) - 1;
        $heights = [];
        foreach ($this->pieces as $ways) {
            foreach ($ways as [$height, $length]) {
                if ($length <= $this->width) {
                    $heights[$height] = true;
                }
            }
        }
        $least = [0 => 0];
        for ($set = 1; $set <= $all; $set++) {
            $least[$set] = PHP_INT_MAX;
            for ($part = $set; $part > 0; $part = ($part - 1) & $set) {
                foreach (array_keys($heights) as $height) {
                    if ($least[$set] > $least[$set ^ $part] + $height && $this->narrowest($height, $part) <= $this->width) {
                        $least[$set] = $least[$set ^ $part] + $height;
                    }
                }
            }
        }

        return $least[$all];
    }

    /** The shortest part of a strip of this height that holds these pieces. */
    private function narrowest(int $height, int $set): int
    {
        $key = $height.' '.$set;
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $best = PHP_INT_MAX >> 2;
        if (($set & ($set - 1)) === 0) {
            foreach ($this->pieces[(int) log($set, 2)] as [$high, $long]) {
                $best = $high <= $height ? min($best, $long) : $best;
            }

            return $this->known[$key] = $best;
        }
        for ($part = ($set - 1) & $set; $part > 0; $part = ($part - 1) & $set) {
            $rest = $set ^ $part;
            $best = min($best, $this->narrowest($height, $part) + $this->narrowest($height, $rest));
            foreach ($this->sums as $upper) {
                if ($upper >= $height) {
                    break;
                }
                $best = min($best, max($this->narrowest($upper, $part), $this->narrowest($height - $upper, $rest)));
            }
        }

        return $this->known[$key] = $best;
    }
}
