<?php

declare(strict_types=1);

namespace Dew\Core\Press;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use InvalidArgumentException;

/** How the seams of one unit or block lie, and those of its other copies where not all are pressed alike. */
final readonly class PressLook
{
    /** @var array<string, PressFlag> by both pairs of numbers of what lies at its sides: a top of many blocks asks for every pair */
    private array $byPair;

    /**
     * @param  list<PressFlag>  $flags
     * @param  list<PressFlag>  $otherFlags  of the copies that are pressed otherwise; empty where all are alike
     * @param  int  $others  how many of the copies those are
     */
    public function __construct(
        public array $flags,
        public array $otherFlags = [],
        public int $others = 0,
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

        return $done === PressDone::AsPlanned
            ? $this
            : new self(array_map($turned, $this->flags), array_map($turned, $this->otherFlags), $this->others);
    }

    /** @return array{flags: list<string>, other?: list<string>, others?: int} */
    public function toData(): array
    {
        $code = fn (PressFlag $flag): string => $flag->encode();

        return ['flags' => array_map($code, $this->flags)]
            + ($this->others === 0 ? [] : ['other' => array_map($code, $this->otherFlags), 'others' => $this->others]);
    }

    /**
     * @param  list<string>  $flags
     * @param  list<string>  $other
     *
     * @throws InvalidArgumentException
     */
    public static function fromCodes(array $flags, array $other = [], int $others = 0): self
    {
        return new self(array_map(PressFlag::decode(...), $flags), array_map(PressFlag::decode(...), $other), $others);
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        $codes = fn (string $name): array => $data->has($name) ? $data->get($name)->texts() : [];

        return self::fromCodes($codes('flags'), $codes('other'), $data->has('others') ? $data->get('others')->count() : 0);
    }
}
