<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets only text into the application: every field of every form and address of Dew is one text. A list where a text belongs counts as a
 * field that was left empty, so that the form says what is missing; bytes that are no text, or that the database could not store, make
 * the request one that cannot be answered.
 */
final class PlainInput
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $address = rawurldecode($request->getPathInfo());
        abort_unless(self::isText($address), 404);
        foreach ([$request->query, $request->request, ...$request->isJson() ? [$request->json()] : []] as $fields) {
            if ($fields instanceof InputBag) {
                abort_unless($this->keepTexts($fields), 400);
            }
        }
        // The session stores what browser somebody uses.
        $request->headers->set('User-Agent', mb_strcut(mb_scrub((string) $request->headers->get('User-Agent')), 0, 500));

        return $next($request);
    }

    /**
     * Whether what is left can be read.
     *
     * @param  InputBag<bool|float|int|string|null>  $fields
     */
    private function keepTexts(InputBag $fields): bool
    {
        foreach ($fields->all() as $name => $value) {
            if (! self::isText((string) $name) || (is_string($value) && ! self::isText($value))) {
                return false;
            }
            if (is_array($value) || (is_float($value) && ! is_finite($value))) {
                $fields->remove((string) $name);
            }
        }

        return true;
    }

    private static function isText(string $value): bool
    {
        return mb_check_encoding($value, 'UTF-8') && ! str_contains($value, "\0");
    }
}
