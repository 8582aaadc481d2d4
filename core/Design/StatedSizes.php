<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;

/** Sizes that a given pattern states for a unit or block, to be compared with the computed ones. */
final readonly class StatedSizes
{
    /**
     * @param  Method|null  $method  the one the cuts are stated for; null when none is stated
     * @param  array<string, Length|Size>  $cut  by the id of a piece: a side or a strip's width, or a width and a height
     * @param  string  $place  JSON pointer
     * @param  array<string, int>  $counts  how many the whole quilt takes, by size
     */
    public function __construct(
        public ?Size $unfinished,
        public ?Method $method,
        public array $cut,
        public string $place,
        public array $counts = [],
    ) {
    }

    /** @throws DocumentException */
    public static function fromData(Node $node): self
    {
        if ($node->has('cut') && ! $node->has('method')) {
            throw $node->fail('design.cuts_without_method');
        }

        return new self(
            $node->has('unfinished') ? $node->get('unfinished')->size() : null,
            $node->has('method') ? UnitLibrary::methodAt($node->get('method')) : null,
            $node->has('cut') ? array_map(
                fn (Node $cut): Length|Size => $cut->has('width') ? $cut->size() : $cut->length(),
                $node->get('cut')->entries(),
            ) : [],
            $node->pointer(),
            $node->has('counts') ? array_map(
                fn (Node $count): int => $count->integer(0, PHP_INT_MAX),
                $node->get('counts')->entries(),
            ) : [],
        );
    }
}
