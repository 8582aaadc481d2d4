<?php

declare(strict_types=1);

namespace App\Wording\Host;

/** What a part of the setting is called to its host: what it is, and the name the design gives it. */
final class PartName
{
    /**
     * @param  string  $key  product key
     * @param  string  $name  as the design has it; often only that of its fabric
     */
    public static function of(string $key, string $name): string
    {
        $kind = explode(':', $key, 2)[0];
        $known = 'parts.'.$kind;

        // A name that says already what it is needs nothing before it.
        return __($known) === $known || stripos($name, rtrim(str_replace('-', ' ', $kind), 's')) !== false ? $name : __($known, ['name' => $name]);
    }
}
