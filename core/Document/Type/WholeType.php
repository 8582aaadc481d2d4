<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Problem;

/** A whole number within bounds. */
final readonly class WholeType implements Type
{
    use Plain {
        check as checkPlain;
    }

    public function __construct(
        private int $least,
        private int $most,
    ) {
    }

    /** A count beyond its bounds is misformed: pages draw as many things as it says. */
    public function check(mixed $value, string $pointer, Complaints $complaints): void
    {
        if ($this->resembles($value) && ! $this->accepts($value)) {
            $complaints->add($pointer, new Problem('document.wrong', ['value' => Node::shown($value), 'wanted' => $this->words()]), misformed: true);
        } else {
            $this->checkPlain($value, $pointer, $complaints);
        }
    }

    public function accepts(mixed $value): bool
    {
        return is_int($value) && $value >= $this->least && $value <= $this->most;
    }

    public function resembles(mixed $value): bool
    {
        return is_int($value) || is_float($value);
    }

    public function words(): Problem
    {
        return new Problem('type.whole', ['least' => $this->least, 'most' => $this->most]);
    }

    public function schema(): array
    {
        return ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most];
    }
}
