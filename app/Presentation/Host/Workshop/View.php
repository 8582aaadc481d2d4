<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

/** A page of the workshop, as parts that are drawn one by one: after an edit only those that look different are sent. */
final readonly class View
{
    private const HASH = 12;

    /** @param  array<string, string>  $panels  HTML by name, in their order */
    public function __construct(
        public string $name,
        public string $of,
        public string $title,
        public array $panels,
    ) {
    }

    /**
     * The panels that the browser does not have as they are.
     *
     * @param  string  $known  what it has: `name:hash` parted by commas
     * @return array<string, string>
     */
    public function changed(string $known): array
    {
        $had = [];
        foreach (explode(',', $known) as $entry) {
            [$name, $hash] = [...explode(':', $entry, 2), ''];
            $had[$name] = $hash;
        }

        return array_filter(
            $this->panels,
            fn (string $html, string $name): bool => ($had[$name] ?? '') !== self::hash($html),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    public static function hash(string $html): string
    {
        return substr(hash('sha256', $html), 0, self::HASH);
    }
}
