<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Invitation;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Support\Words;
use Closure;
use Dew\Core\Measure\Notation;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets a page call a clue what its quilt-along calls it, and measure as the person does who reads it. */
final readonly class CallsClues
{
    public function __construct(private Words $words)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $quiltAlong = $notation = null;
        foreach ($request->route()?->parameters() ?? [] as $parameter) {
            $quiltAlong = match (true) {
                $parameter instanceof QuiltAlong => $parameter,
                $parameter instanceof Project, $parameter instanceof Invitation => $parameter->quiltAlong,
                default => $quiltAlong,
            };
            $notation = $parameter instanceof Project ? $parameter->notation : $notation;
        }
        $this->words->measureIn($notation ?? $quiltAlong->units ?? Notation::Fractions);
        $this->words->call($quiltAlong->clue_word ?? Words::USUAL);

        return $next($request);
    }
}
