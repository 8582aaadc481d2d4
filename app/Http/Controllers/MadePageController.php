<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\MadePage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** What a worker makes for somebody: how far it is, and what was made. */
final class MadePageController extends Controller
{
    public function state(MadePage $page): JsonResponse
    {
        session()->reflash();

        return response()->json(['ready' => $page->state !== MadePage::WAITING, 'says' => '']);
    }

    public function show(MadePage $page): Response|RedirectResponse
    {
        session()->reflash();
        if ($page->state === MadePage::DONE && $page->headers === null) {
            return redirect()->to($page->address);
        }
        $body = $page->state === MadePage::DONE ? $page->body() : null;
        if ($body === null || $page->headers === null) {
            // It failed, or is no longer kept: it can be asked for again.
            return response()->view('calculating', ['page' => $page, 'isPrint' => true, 'back' => url()->previous()], $page->state === MadePage::WAITING
                ? Response::HTTP_ACCEPTED : Response::HTTP_SERVICE_UNAVAILABLE);
        }
        $status = (int) ($page->headers['status'] ?? Response::HTTP_OK);
        abort_if($status !== Response::HTTP_OK, $status);

        return response($body, $status, array_map(strval(...), array_diff_key($page->headers, ['status' => true])));
    }
}
