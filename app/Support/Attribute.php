<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\HtmlString;

/** What is written into attributes of HTML. */
final class Attribute
{
    private const JSON = JSON_HEX_TAG | JSON_HEX_AMP | JSON_HEX_APOS | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    /** Data as JSON, for an attribute in single quotes: there the quotes of JSON need no escaping, which is half of a page with many edits. */
    public static function json(mixed $data): HtmlString
    {
        return new HtmlString(json_encode($data, self::JSON));
    }
}
