<?php

declare(strict_types=1);

namespace Dew\Core\Press;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Writer;
use Dew\Core\Making\IroningBoard;

/** How the seams of one unit or block lie, and those of its other copies where not all are pressed alike. */
final readonly class PressLook
{
    /** @var array<string, PressFlag> by both pairs of numbers of what lies at its sides: a top of many blocks asks for every pair */
    private array $byPair;

    /**
     * @param  list<PressFlag>  $flags
     * @param  list<PressFlag>  $otherFlags  of the copies that are pressed otherwise; empty where all are alike
     * @param  int  $others  how many of the copies those are
     * @param  IroningBoard|null  $board  what lies on the ironing board when some of its seams are pressed; null where it is the unit itself
     * @param  list<PressFlag>  $boardFlags  how those seams lie there, between the patches of the board
     */
    public function __construct(
        public array $flags,
        public array $otherFlags = [],
        public int $others = 0,
        public ?IroningBoard $board = null,
        public array $boardFlags = [],
    ) {
        $byPair = [];
        foreach ($flags as $flag) {
            foreach ($flag->between as [$one, $other]) {
                $byPair["$one $other"] ??= $flag;
                $byPair["$other $one"] ??= $flag;
            }
        }
        $this->byPair = $byPair;
    }

    /** The seam between two patches or cells; null when none lies there. */
    public function between(int $one, int $other): ?PressFlag
    {
        return $this->byPair["$one $other"] ?? null;
    }

    /** The same with every seam pressed the other way, as somebody may have done already; or every one open. */
    public function done(PressDone $done): self
    {
        $turned = fn (PressFlag $flag): PressFlag => $flag->as($done->of($flag->pressed));

        return $done === PressDone::AsPlanned ? $this : new self(
            array_map($turned, $this->flags), array_map($turned, $this->otherFlags), $this->others, $this->board,
            array_map($turned, $this->boardFlags),
        );
    }

    /** How the seams lie on what is on the ironing board when they are pressed; null where that is the unit itself. */
    public function onBoard(): ?self
    {
        return $this->board === null ? null : new self($this->boardFlags);
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(Writer $writer = new Writer): array
    {
        return array_filter([
            'flags' => self::codes($this->flags),
            'other' => $this->others === 0 ? [] : self::codes($this->otherFlags),
            'others' => $this->others,
            'board' => $this->board?->toData($writer),
            'on_board' => self::codes($this->boardFlags),
        ]) + ['flags' => []];
    }

    /**
     * @param  list<PressFlag>  $flags
     * @return list<string>
     */
    public static function codes(array $flags): array
    {
        return array_map(fn (PressFlag $flag): string => $flag->encode(), $flags);
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        $flags = fn (string $name): array => $data->has($name) ? array_map(PressFlag::decode(...), $data->get($name)->texts()) : [];

        return new self(
            $flags('flags'), $flags('other'), $data->has('others') ? $data->get('others')->count() : 0,
            $data->has('board') ? IroningBoard::fromData($data->get('board')) : null, $flags('on_board'),
        );
    }
}
