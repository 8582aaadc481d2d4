<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Measure\Refused;
use InvalidArgumentException;

/** The method a person makes each kind of unit by: her own choice, or the default of the design or the kind. */
final readonly class MethodChoices
{
    /**
     * @param  array<string, Method>  $chosen  by kind
     * @param  array<string, true>  $oversize  kinds that are cut larger and trimmed
     * @param  array<string, Method>  $usual  the methods a design sets as defaults, by kind
     */
    private function __construct(
        private array $chosen,
        private array $oversize = [],
        private array $usual = [],
    ) {
    }

    /** @param  array<string, Method>  $usual  the methods a design sets as defaults, by kind */
    public static function defaults(array $usual = []): self
    {
        return new self([], [], $usual);
    }

    /** @throws InvalidArgumentException when the kind cannot be made that way */
    public function with(UnitKind $kind, Method $method): self
    {
        if (! $kind->isMadeBy($method)) {
            throw new Refused('unit.no_such_method', ['kind' => $kind->value, 'method' => $method->value]);
        }
        $chosen = $this->chosen;
        if ($method->is(($this->usual[$kind->value] ?? $kind->methods()[0])->value)) {
            unset($chosen[$kind->value]);
        } else {
            $chosen[$kind->value] = $method;
        }
        ksort($chosen);

        return new self($chosen, $this->oversize, $this->usual);
    }

    /** Cut what is trimmed afterwards larger than it need be, by an eighth of an inch for each unit that lies across it. */
    public function withOversize(UnitKind $kind, bool $oversize = true): self
    {
        $kinds = $this->oversize;
        if ($oversize) {
            $kinds[$kind->value] = true;
        } else {
            unset($kinds[$kind->value]);
        }
        ksort($kinds);

        return new self($this->chosen, $kinds, $this->usual);
    }

    public function isOversize(UnitKind $kind): bool
    {
        return isset($this->oversize[$kind->value]);
    }

    public function for(UnitKind $kind): Method
    {
        return $this->chosen[$kind->value] ?? $this->usual[$kind->value] ?? $kind->methods()[0];
    }

    /** Her own choice; null where she follows the default. */
    public function chosen(UnitKind $kind): ?Method
    {
        return $this->chosen[$kind->value] ?? null;
    }

    /** Only the choices that touch these kinds, so that sheets which do not depend on a choice are shared. */
    public function only(UnitKind ...$kinds): self
    {
        $kept = array_map(fn (UnitKind $kind): string => $kind->value, $kinds);

        $keep = fn (string $kind): bool => in_array($kind, $kept, true);

        return new self(
            array_filter($this->chosen, $keep, ARRAY_FILTER_USE_KEY),
            array_filter($this->oversize, $keep, ARRAY_FILTER_USE_KEY),
            $this->usual,
        );
    }

    /** A canonical text: the departures from the defaults, sorted; a plus for what is cut larger; empty when there are none. */
    public function signature(): string
    {
        return implode(',', [
            ...array_map(fn (Method $method): string => $method->value, array_values($this->chosen)),
            ...array_map(fn (string $kind): string => $kind.':+', array_keys($this->oversize)),
        ]);
    }

    /**
     * Every combination of methods for these kinds, the defaults first, up to a number.
     *
     * @param  list<UnitKind>  $kinds
     * @param  array<string, Method>  $usual  the methods a design sets as defaults, by kind
     * @return list<self>
     */
    public static function combinations(array $kinds, int $most = PHP_INT_MAX, array $usual = []): array
    {
        $combinations = [self::defaults($usual)];
        foreach ($kinds as $kind) {
            $grown = [];
            foreach ($combinations as $choices) {
                $methods = array_unique([$usual[$kind->value] ?? $kind->methods()[0], ...$kind->methods()], SORT_REGULAR);
                foreach (count($grown) < $most ? $methods : [] as $method) {
                    $grown[] = $choices->with($kind, $method);
                }
            }
            $combinations = $grown;
        }

        return $combinations;
    }
}
