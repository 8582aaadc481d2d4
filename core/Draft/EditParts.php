<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Document\Type\AnyType;
use Dew\Core\Document\Type\ChoiceType;
use Dew\Core\Document\Type\EitherType;
use Dew\Core\Document\Type\LengthType;
use Dew\Core\Document\Type\PatternType;
use Dew\Core\Document\Type\RecordType;
use Dew\Core\Document\Type\TextType;
use Dew\Core\Document\Type\Type;
use Dew\Core\Document\Type\WholeType;

/** What an edit of some kind consists of. */
final readonly class EditParts
{
    /** @var list<string> */
    public array $optional;

    /** @param  array<string, Type>  $parts  in the order in which they are told */
    public function __construct(
        public array $parts,
        string ...$optional,
    ) {
        $this->optional = array_values($optional);
    }

    public function record(string $kind): RecordType
    {
        return new RecordType(['kind' => ChoiceType::of($kind), ...$this->parts], $this->optional);
    }

    public static function id(): Type
    {
        return PatternType::id();
    }

    /** Whatever may stand in a document. */
    public static function any(): Type
    {
        return new AnyType;
    }

    /** An address in a document: see {@see Place}. */
    public static function place(): Type
    {
        return new TextType(200);
    }

    public static function name(): Type
    {
        return new TextType(60);
    }

    /** The width of a column or the height of a row. */
    public static function width(): Type
    {
        return new EitherType(ChoiceType::of('auto'), LengthType::positive());
    }

    /** The number of a column or a row, or how many of them. */
    public static function number(): Type
    {
        return new WholeType(1, 41);
    }

    /** @return array{block: Type, column: Type, row: Type} a place in a block */
    public static function cell(): array
    {
        return ['block' => self::id(), 'column' => self::number(), 'row' => self::number()];
    }
}
