<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\HtmlString;

/**
 * Places left open in HTML that is made once and shown to many, for what differs from one reading to the next. They are marked with a
 * name nobody can guess, so that nothing that people wrote can pass for one of them.
 */
final readonly class Openings
{
    private string $mark;

    public function __construct()
    {
        $this->mark = bin2hex(random_bytes(16));
    }

    /** @param  string  $name  without a semicolon */
    public function at(string $name): HtmlString
    {
        return new HtmlString("$this->mark:$name;");
    }

    /** @return list<string> HTML and the names of openings, by turns */
    public function cut(string $html): array
    {
        return preg_split("/$this->mark:([^;]*);/", $html, flags: PREG_SPLIT_DELIM_CAPTURE) ?: [];
    }

    /**
     * @param  list<string>  $parts  as cut() gave them
     * @param  array<string, string>  $values  HTML for every opening, by name; one that is not among them stays empty, as where HTML was
     *     kept by another release
     */
    public static function fill(array $parts, array $values): string
    {
        $html = '';
        foreach ($parts as $index => $part) {
            $html .= $index % 2 === 0 ? $part : ($values[$part] ?? '');
        }

        return $html;
    }
}
