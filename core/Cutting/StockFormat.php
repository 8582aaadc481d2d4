<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Document\Type\ChoiceType;
use Dew\Core\Document\Type\FlagType;
use Dew\Core\Document\Type\LengthType;
use Dew\Core\Document\Type\ListType;
use Dew\Core\Document\Type\PatternType;
use Dew\Core\Document\Type\RecordType;
use Dew\Core\Document\Type\TextType;
use Dew\Core\Document\Type\WholeType;

/** The one description of a file of cloth that somebody owns. docs/stock.md tells it in words. */
final class StockFormat
{
    public const VERSION = 'stock/1';

    /** Columns of the same as a table. */
    public const COLUMNS = [
        'id', 'slot', 'kind', 'width', 'length', 'count', 'corner_width', 'corner_length', 'squared', 'directional', 'zigzag', 'name',
    ];

    /** Pieces of cloth in one file, each counted. */
    public const MOST = 500;

    public static function type(): RecordType
    {
        $length = LengthType::positive();

        return new RecordType(['dew' => ChoiceType::of(self::VERSION), 'stock' => new ListType(new RecordType([
            'id' => PatternType::id(),
            'slot' => PatternType::id(),
            'kind' => ChoiceType::cases(StockKind::cases()),
            'width' => $length,
            'length' => $length,
            'count' => new WholeType(1, self::MOST),
            'corner_width' => $length,
            'corner_length' => $length,
            'squared' => new FlagType,
            'directional' => new FlagType,
            'zigzag' => ChoiceType::of('peaks', 'valleys'),
            'name' => new TextType(60),
        ], ['width', 'length', 'count', 'corner_width', 'corner_length', 'squared', 'directional', 'zigzag', 'name']), 0, self::MOST)]);
    }

    /** @return array<string, mixed> the JSON Schema (draft 2020-12) */
    public static function schema(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Cloth that somebody owns',
            ...self::type()->schema(),
            '$defs' => ['length' => LengthType::positive()->schema(), 'id' => PatternType::id()->schema()],
        ];
    }
}
