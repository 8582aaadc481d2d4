<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RemoveQuilt;
use App\Models\Project;
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
            // What they left themselves in the last day can be brought back here.
            'left' => Project::onlyTrashed()->with('quiltAlong')->where(['user_id' => $person->id, 'removed_by' => $person->id])
                ->where('deleted_at', '>', now()->subHours(RemoveQuilt::UNDO_HOURS))->latest('deleted_at')->get(),
            'projects' => $person->projects()->with('quiltAlong')->latest()->get(),
        ]);
    }
}
