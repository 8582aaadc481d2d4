<?php

declare(strict_types=1);

namespace Dew\Core\Design;

/**
 * Writes a design as its canonical bytes: keys in the order of the schema, ids of maps sorted, two spaces of indentation, no escapes that are not needed, one
 * line feed at the end. Designs that say the same in the same words are written the same, so the bytes can be hashed and compared.
 */
final class DesignWriter
{
    public static function write(Design $design): string
    {
        $schema = DesignSchema::document();
        $text = json_encode(self::ordered($design->document, $schema, $schema), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return preg_replace_callback('/^ +/m', fn (array $spaces): string => str_repeat(' ', intdiv(strlen($spaces[0]), 2)), $text)."\n";
    }

    /**
     * @param  array<mixed>  $schema
     * @param  array<mixed>  $root
     */
    private static function ordered(mixed $value, array $schema, array $root): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        $schema = self::resolved($schema, $root);
        if (array_is_list($value) && $value !== []) {
            $items = self::within($schema, 'items');

            return array_map(fn (mixed $item): mixed => self::ordered($item, self::choice($items, $item, $root), $root), $value);
        }
        $properties = self::within($schema, 'properties');
        $ordered = [];
        foreach ($properties as $name => $property) {
            if (array_key_exists($name, $value)) {
                $ordered[$name] = self::ordered($value[$name], self::choice(is_array($property) ? $property : [], $value[$name], $root), $root);
            }
        }
        $rest = array_diff_key($value, $ordered);
        ksort($rest);
        $patterns = array_values(self::within($schema, 'patternProperties'));
        foreach ($rest as $name => $item) {
            $ordered[$name] = self::ordered($item, is_array($patterns[0] ?? null) ? self::choice($patterns[0], $item, $root) : [], $root);
        }

        // An empty object must not become an empty list; an empty list has no properties.
        return $ordered === [] && ($schema['type'] ?? '') === 'object' ? (object) [] : $ordered;
    }

    /**
     * Of alternatives, the one that speaks of objects for an object.
     *
     * @param  array<mixed>  $schema
     * @param  array<mixed>  $root
     * @return array<mixed>
     */
    private static function choice(array $schema, mixed $value, array $root): array
    {
        $schema = self::resolved($schema, $root);
        foreach (self::within($schema, 'oneOf') as $alternative) {
            $alternative = is_array($alternative) ? self::resolved($alternative, $root) : [];
            if (is_array($value) && array_intersect_key(self::within($alternative, 'properties'), $value) !== []) {
                return $alternative;
            }
        }

        return $schema;
    }

    /**
     * @param  array<mixed>  $schema
     * @param  array<mixed>  $root
     * @return array<mixed>
     */
    private static function resolved(array $schema, array $root): array
    {
        $reference = $schema['$ref'] ?? null;
        if (! is_string($reference)) {
            return $schema;
        }
        $definition = self::within($root, '$defs')[substr($reference, strlen('#/$defs/'))] ?? [];

        return is_array($definition) ? $definition : [];
    }

    /**
     * @param  array<mixed>  $schema
     * @return array<mixed>
     */
    private static function within(array $schema, string $key): array
    {
        $found = $schema[$key] ?? [];

        return is_array($found) ? $found : [];
    }
}
