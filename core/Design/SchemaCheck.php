<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/** Holds a document to {@see DesignSchema}; what the reader passed over, such as a misspelt key, is refused here. */
final class SchemaCheck
{
    /** A name to know the schema by; nothing lies at it. */
    private const NAME = 'schema://dew/design';

    private static ?Validator $validator = null;

    /** @throws DocumentException */
    public static function of(Node $document): void
    {
        $error = self::validator()->validate(Helper::toJSON($document->object()), self::NAME)->error();
        if ($error === null) {
            return;
        }
        $deepest = self::deepest($error);
        $pointer = implode('', array_map(fn (int|string $key): string => '/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key), $deepest->data()->fullPath()));
        $unknown = $deepest->args()['properties'] ?? null;
        if (is_array($unknown) && $deepest->keyword() === 'additionalProperties') {
            $names = implode(', ', array_map(fn (mixed $name): string => is_string($name) ? '"'.$name.'"' : '?', $unknown));

            throw new DocumentException($pointer, sprintf('has %s, which means nothing here. Is it misspelt?', $names));
        }

        throw new DocumentException($pointer, sprintf('does not fit the format: %s', lcfirst(self::words($deepest))));
    }

    /** The schema is taken apart once. */
    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->resolver()?->registerRaw(json_encode(DesignSchema::document(), JSON_THROW_ON_ERROR), self::NAME);
        }

        return self::$validator;
    }

    private static function deepest(ValidationError $error): ValidationError
    {
        foreach ($error->subErrors() as $inner) {
            if ($inner instanceof ValidationError) {
                return self::deepest($inner);
            }
        }

        return $error;
    }

    private static function words(ValidationError $error): string
    {
        $words = $error->message();
        foreach ($error->args() as $name => $value) {
            $words = str_replace('{'.$name.'}', is_scalar($value) ? (string) $value : (string) json_encode($value), $words);
        }

        return rtrim($words, '.').'.';
    }
}
