<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Everything somebody takes part in, on either side. */
final class HomeController extends Controller
{
    public function __invoke(Request $request): View
    {
        $person = $this->person($request);

        return view('home', [
            'hosted' => $person->memberships()->with('quiltAlong')->get()->filter(
                fn ($membership): bool => $membership->role->isHostSide(),
            ),
            'projects' => $person->projects()->with('quiltAlong')->latest()->get(),
        ]);
    }
}
