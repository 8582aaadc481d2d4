<?php

declare(strict_types=1);

namespace Dew\Core\Making;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Writer;

/** In which order the seams of a unit are sewn, and what its kind says of the way they are pressed. */
final readonly class SewingPlan
{
    /**
     * @param  list<list<array{int, int}>>  $rounds  the pairs of patches that are sewn together, in the order of sewing; those of one round in
     *     any order. A seam between several patches on either side is one seam
     * @param  list<array{int, int}>  $toward  seams that are always pressed to the same side: the patch it is pressed away from, and the one
     *     it is pressed to
     * @param  IroningBoard|null  $board  what some of its seams are pressed on; null where they are pressed on the unit itself
     */
    public function __construct(
        public array $rounds = [],
        public array $toward = [],
        public ?IroningBoard $board = null,
    ) {
    }

    /**
     * The order in which some steps sew. Seams that none of them sews are in what was made before.
     *
     * @param  list<Step>  $steps
     * @param  list<On>  $seams  all seams of the unit
     * @param  list<array{int, int}>  $toward
     */
    public static function of(array $steps, array $seams, array $toward = [], ?IroningBoard $board = null): self
    {
        $pair = fn (On $on): array => [$on->first, $on->second];
        $rounds = [];
        $before = [];
        foreach ($seams as $on) {
            $before[$on->encode()] = $pair($on);
        }
        foreach ($steps as $step) {
            $sewn = $step->kind === StepKind::Sew ? $step->operands(Operand::Seam) : [];
            $before = array_diff_key($before, array_flip(array_map(fn (On $on): string => $on->encode(), $sewn)));
            if ($sewn !== []) {
                $rounds[] = array_map($pair, $sewn);
            }
        }

        return new self($before === [] || $rounds === [] ? $rounds : [array_values($before), ...$rounds], $toward, $board);
    }

    /** Whether it says nothing that the patches alone do not: everything is sewn in one go. */
    public function isPlain(): bool
    {
        return count($this->rounds) < 2 && $this->toward === [] && $this->board === null;
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(Writer $writer): array
    {
        return array_filter([
            'rounds' => implode('; ', array_map(self::text(...), $this->rounds)),
            'toward' => self::text($this->toward),
            'board' => $this->board?->toData($writer),
        ]);
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        $text = fn (string $name): string => $data->has($name) ? $data->get($name)->text() : '';

        return new self(
            $text('rounds') === '' ? [] : array_map(self::pairs(...), explode('; ', $text('rounds'))),
            self::pairs($text('toward')),
            $data->has('board') ? IroningBoard::fromData($data->get('board')) : null,
        );
    }

    /** @param  list<array{int, int}>  $pairs */
    private static function text(array $pairs): string
    {
        return implode(' ', array_map(fn (array $pair): string => implode('-', $pair), $pairs));
    }

    /** @return list<array{int, int}> */
    private static function pairs(string $text): array
    {
        return array_map(function (string $pair): array {
            [$one, $other] = explode('-', $pair) + ['', ''];

            return [(int) $one, (int) $other];
        }, array_values(array_filter(explode(' ', $text))));
    }
}
