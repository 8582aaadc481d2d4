<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use BackedEnum;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Setting\QuiltingJoin;
use Dew\Core\Setting\SettingKind;
use Dew\Core\Unit\Hand;
use Dew\Core\Unit\Kind\CornerPlace;
use Dew\Core\Unit\UnitKind;

/**
 * The JSON Schema (draft 2020-12) of a design document, as data. The order of its properties is the order in which {@see DesignWriter} writes them.
 * The same schema stands in docs/design.schema.json for other programs.
 */
final class DesignSchema
{
    private const ID = '^[a-z][a-z0-9-]{0,39}$';

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return ['$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => 'Dew design', ...self::object([
            'dew' => ['const' => Design::FORMAT],
            'id' => self::ref('id'),
            'title' => self::text(200),
            'seam' => self::ref('length'),
            'usable_width' => self::ref('length'),
            'fabrics' => self::listOf(self::object([
                'id' => self::ref('id'), 'letter' => self::text(3), 'name' => self::text(60), 'value' => self::oneOf(FabricValue::cases()),
            ]), 40),
            'colourways' => self::listOf(self::object([
                'id' => self::ref('id'),
                'name' => self::text(60),
                'cloth' => self::map(self::object(['name' => self::text(60), 'colour' => ['type' => 'string', 'pattern' => '^#[0-9a-f]{6}$']])),
            ]), 20),
            'units' => self::listOf(self::ref('unit'), 500),
            'blocks' => self::listOf(self::ref('block'), 200),
            'setting' => self::ref('setting'),
            'sizes' => self::listOf(self::ref('size'), 12),
            'clues' => self::listOf(self::ref('clue'), 366),
        ], ['seam', 'usable_width']), '$defs' => [
            'id' => ['type' => 'string', 'pattern' => self::ID],
            'length' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 40],
            'finished' => ['oneOf' => [self::ref('length'), self::object(['width' => self::ref('length'), 'height' => self::ref('length')])]],
            'fabrics' => self::map(self::ref('id')),
            'turn' => ['enum' => [0, 90, 180, 270]],
            'pattern' => self::listOf(['type' => 'array', 'minItems' => 1, 'maxItems' => 60, 'items' => ['oneOf' => [self::ref('id'), ['type' => 'null']]]], 60),
            'stated' => self::object(['unfinished' => self::ref('finished'), 'cut' => self::map(self::ref('finished'))], ['unfinished', 'cut']),
            'unit' => self::unit(),
            'piece' => self::piece(),
            'block' => self::block(),
            'setting' => self::setting(),
            'size' => self::size(),
            'clue' => self::clue(),
        ]];
    }

    /** @return array<string, mixed> */
    private static function unit(): array
    {
        $options = [
            'corners' => ['type' => 'object', 'minProperties' => 1, ...self::closed(array_fill_keys(array_column(CornerPlace::cases(), 'value'), self::ref('length')))],
            'widths' => self::listOf(self::ref('length'), 12),
            'edge' => self::ref('length'),
            'radius' => self::ref('length'),
            'centre' => self::ref('length'),
            'courses' => self::whole(1, 8),
            'count' => self::whole(1, 60),
            'turns' => ['type' => 'array', 'minItems' => 4, 'maxItems' => 4, 'items' => self::ref('turn')],
            'hand' => self::oneOf(Hand::cases()),
            'twin' => ['type' => 'boolean'],
            'pieces' => self::listOf(self::ref('piece'), 60),
        ];

        return self::object([
            'id' => self::ref('id'),
            'name' => self::text(60),
            'kind' => self::oneOf(UnitKind::library()),
            'finished' => self::ref('finished'),
            'fabrics' => self::listOf(self::ref('id'), 40),
            ...$options,
            'stated' => self::ref('stated'),
        ], [...array_keys($options), 'stated']);
    }

    /** @return array<string, mixed> */
    private static function piece(): array
    {
        return self::object([
            'id' => self::ref('id'),
            'fabric' => self::ref('id'),
            'shape' => ['type' => 'array', 'minItems' => 2, 'maxItems' => 80, 'items' => ['oneOf' => [
                self::object(['x' => self::ref('length'), 'y' => self::ref('length')]),
                self::object(['arc' => self::ref('length'), 'clockwise' => ['type' => 'boolean']]),
            ]]],
            'cut' => self::object(['width' => self::ref('length'), 'height' => self::ref('length'), 'yield' => self::whole(1, 16)], ['yield']),
        ], ['cut']);
    }

    /** @return array<string, mixed> */
    private static function block(): array
    {
        $lengths = self::listOf(['oneOf' => [['const' => 'auto'], ['allOf' => [self::ref('length'), ['not' => ['const' => 'auto']]]]]], 40);

        return self::object([
            'id' => self::ref('id'),
            'name' => self::text(60),
            'columns' => $lengths,
            'rows' => $lengths,
            'cells' => self::listOf(self::object([
                'column' => self::whole(1, 40),
                'row' => self::whole(1, 40),
                'across' => self::whole(1, 40),
                'down' => self::whole(1, 40),
                'unit' => self::ref('id'),
                'block' => self::ref('id'),
                'turn' => self::ref('turn'),
                'mirror' => ['type' => 'boolean'],
                'fabrics' => self::ref('fabrics'),
            ], ['across', 'down', 'unit', 'block', 'turn', 'mirror', 'fabrics']), 1600),
            'stated' => self::ref('stated'),
        ], ['stated']);
    }

    /** @return array<string, mixed> */
    private static function setting(): array
    {
        return self::object([
            'kind' => self::oneOf(SettingKind::cases()),
            'pattern' => self::ref('pattern'),
            'alternate' => self::ref('id'),
            'triangles' => self::object(['side' => self::ref('id'), 'corner' => self::ref('id')], ['corner']),
            'sashing' => self::object([
                'name' => self::text(60), 'width' => self::ref('length'), 'fabric' => self::ref('id'), 'cornerstones' => self::ref('id'), 'cornerstone_name' => self::text(60), 'outside' => ['type' => 'boolean'],
            ], ['name', 'cornerstones', 'cornerstone_name', 'outside']),
            'borders' => self::listOf(self::object([
                'id' => self::ref('id'),
                'name' => self::text(60),
                'width' => self::ref('length'),
                'fabric' => self::ref('id'),
                'unit' => self::ref('id'),
                'corner_fabric' => self::ref('id'),
                'corner_unit' => self::ref('id'),
            ], ['name', 'fabric', 'unit', 'corner_fabric', 'corner_unit']), 6),
            'quilting' => self::object(['join' => self::oneOf(QuiltingJoin::cases()), 'allowance' => self::ref('length')]),
        ], ['alternate', 'triangles', 'sashing', 'borders', 'quilting']);
    }

    /** @return array<string, mixed> */
    private static function size(): array
    {
        return self::object([
            'id' => self::ref('id'),
            'name' => self::text(40),
            'columns' => self::whole(1, 60),
            'rows' => self::whole(1, 60),
            'block' => self::ref('length'),
            'scale' => self::ref('length'),
            'pattern' => self::ref('pattern'),
            'borders' => ['type' => 'array', 'maxItems' => 6, 'items' => self::ref('id')],
            'border_widths' => self::map(self::ref('length')),
        ], ['block', 'scale', 'pattern', 'borders', 'border_widths']);
    }

    /** @return array<string, mixed> */
    private static function clue(): array
    {
        return self::object([
            'id' => self::ref('id'),
            'title' => self::text(80),
            'introduction' => self::text(8000),
            'minutes' => self::whole(0, 10_000),
            'tasks' => ['type' => 'array', 'maxItems' => 60, 'items' => self::object([
                'id' => self::ref('id'),
                'name' => self::text(60),
                'unit' => self::ref('id'),
                'block' => self::ref('id'),
                'part' => self::text(60),
                'mirror' => ['type' => 'boolean'],
                'fabrics' => self::ref('fabrics'),
            ], ['name', 'unit', 'block', 'part', 'mirror', 'fabrics'])],
        ], ['introduction']);
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $optional
     * @return array<string, mixed>
     */
    private static function object(array $properties, array $optional = []): array
    {
        return ['type' => 'object', 'required' => array_values(array_diff(array_keys($properties), $optional)), ...self::closed($properties)];
    }

    /**
     * @param  array<string, mixed>  $properties
     * @return array<string, mixed>
     */
    private static function closed(array $properties): array
    {
        return ['properties' => $properties, 'additionalProperties' => false];
    }

    /**
     * An object whose keys are ids.
     *
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private static function map(array $values): array
    {
        return ['type' => 'object', 'patternProperties' => [self::ID => $values], 'additionalProperties' => false];
    }

    /**
     * @param  array<string, mixed>  $items
     * @return array<string, mixed>
     */
    private static function listOf(array $items, int $most): array
    {
        return ['type' => 'array', 'minItems' => 1, 'maxItems' => $most, 'items' => $items];
    }

    /** @return array<string, string> */
    private static function ref(string $definition): array
    {
        return ['$ref' => '#/$defs/'.$definition];
    }

    /** @return array<string, mixed> */
    private static function text(int $longest): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => $longest];
    }

    /** @return array<string, mixed> */
    private static function whole(int $least, int $most): array
    {
        return ['type' => 'integer', 'minimum' => $least, 'maximum' => $most];
    }

    /**
     * @param  array<BackedEnum>  $cases
     * @return array<string, mixed>
     */
    private static function oneOf(array $cases): array
    {
        return ['enum' => array_map(fn (BackedEnum $case): int|string => $case->value, array_values($cases))];
    }
}
