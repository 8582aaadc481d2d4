<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Measure\Length;

/**
 * A kind of unit, by the key it has in a design document, and what is known of every unit of that kind. The class that makes such
 * units defines it.
 *
 * A finished size is width by height, except: of a diamond or a 60° triangle it is the side; of a 45° parallelogram the side along the
 * strip by the height of the strip; of one cut from a strip set the width square to its slanted sides by the height of the set.
 */
final readonly class UnitKind
{
    /** A whole block, which is made like a unit. */
    public const BLOCK = 'block';

    /** What is cut larger to be trimmed, in inches, for each unit that lies across a piece. */
    private const OVERSIZE = [1, 8];

    /** @var non-empty-list<Method> */
    private array $methods;

    /**
     * @param  array{int, int}  $fabrics  how many it is made of, at least and at most
     * @param  non-empty-list<string>  $methods  the ways to make it, the usual one first
     * @param  int|null  $proportion  width over height, where the kind sets it; null when any size will do
     * @param  list<string>  $options  what it may be told besides size and fabrics, by the names in a design document
     * @param  bool  $isCutOnly  it is cut in one piece and not sewn, in any shape that can lie in a block
     * @param  bool  $isFree  it fills no rectangle, so that it cannot be laid into a block's grid by itself
     * @param  bool  $isCareful  it asks for care however few there are of it
     * @param  bool  $trimsDown  it can be trimmed down to the same thing at a smaller size, because its seams run through corners or through
     *     the middle
     * @param  bool  $trimsWithSquare  a square ruler as large as the unit is wanted for trimming
     * @param  bool  $oddFabrics  it has a centre and pairs, so that the number of its fabrics is odd
     * @param  list<string>  $slanted  methods by which pieces are sewn along slanted edges with their tips on. Squares sewn before they are
     *     cut, flipped corners and blunted tips meet level, strip sets are cut at a slant after they are sewn, and set-in seams are matched
     *     at their marks.
     * @param  array<string, int>  $across  how many units lie across one piece, by method; one where it is not said
     * @param  list<string>  $acrossDiagonal  methods by which one lies across a diagonal
     * @param  list<string>  $besides  methods that nobody chooses: by them it comes out of what other work leaves over
     * @param  list<string>  $beyond  methods that take more cloth than is announced: so few choose them that nobody else should buy it
     * @param  bool  $isNumbered  its patches are sewn on one after the other, in the order of their numbers
     * @param  bool  $isDeclared  a design may declare it as a unit; false of a block and of what the setting takes besides
     */
    public function __construct(
        public string $value,
        private array $fabrics,
        array $methods,
        private ?int $proportion = 1,
        public array $options = [],
        private bool $isCutOnly = false,
        private bool $isFree = false,
        public bool $isCareful = false,
        public bool $trimsDown = false,
        public bool $trimsWithSquare = false,
        private bool $oddFabrics = false,
        private array $slanted = [],
        private array $across = [],
        private array $acrossDiagonal = [],
        public array $besides = [],
        public bool $isDeclared = true,
        public bool $isNumbered = false,
        private array $beyond = [],
    ) {
        $this->methods = array_map(fn (string $method): Method => new Method($method), $methods);
    }

    public function is(string ...$values): bool
    {
        return in_array($this->value, $values, true);
    }

    public function isBlock(): bool
    {
        return $this->value === self::BLOCK;
    }

    /** @return array{int, int} */
    public function fabrics(): array
    {
        return $this->fabrics;
    }

    /** How many fabrics a new unit of this kind takes where so many are to be had. */
    public function fabricsAmong(int $there): int
    {
        $count = max($this->fabrics[0], min($this->fabrics[1], $there));

        return $this->oddFabrics && $count % 2 === 0 ? $count - 1 : $count;
    }

    public function proportion(): ?int
    {
        return $this->proportion;
    }

    /** Whether it is a square or a rectangle that is only cut. */
    public function isPlain(): bool
    {
        return $this->isCutOnly && ! $this->isFree;
    }

    public function isCutOnly(): bool
    {
        return $this->isCutOnly;
    }

    public function isFree(): bool
    {
        return $this->isFree;
    }

    /** @return non-empty-list<Method> the usual one first */
    public function methods(): array
    {
        return $this->methods;
    }

    public function isMadeBy(Method $method): bool
    {
        return array_filter($this->methods, fn (Method $one): bool => $one->is($method->value)) !== [];
    }

    /** Whether pieces are sewn along slanted edges with their tips on by this method. */
    public function meetsAtSlants(Method $method): bool
    {
        return in_array($method->value, $this->slanted, true);
    }

    /** Whether the cloth that is announced is enough for this method. */
    public function isAnnounced(Method $method): bool
    {
        return ! in_array($method->value, $this->beyond, true);
    }

    /** How much larger a piece is cut when its units are to be trimmed: ⅛ in for every unit across it. */
    public function oversizeBy(Method $method): Length
    {
        $eighth = Length::fraction(...self::OVERSIZE);

        return in_array($method->value, $this->acrossDiagonal, true)
            ? $eighth->timesRoot2()
            : $eighth->times($this->across[$method->value] ?? 1);
    }
}
