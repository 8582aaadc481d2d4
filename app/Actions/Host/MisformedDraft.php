<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Draft;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;

/** A draft that an earlier release of Dew took from a file although no page can show it: what is wrong in it, and the way out. */
final class MisformedDraft extends RuntimeException
{
    public function __construct(private readonly Draft $draft)
    {
        parent::__construct('A draft is misformed.');
    }

    public function render(Request $request): Response|JsonResponse
    {
        return $request->expectsJson()
            ? response()->json(['message' => __('workshop.misformed.title')], 422)
            : response()->view('workshop.misformed', ['quiltAlong' => $this->draft->quiltAlong, 'faults' => $this->draft->faults], 422);
    }

    public function report(): bool
    {
        return true;
    }
}
