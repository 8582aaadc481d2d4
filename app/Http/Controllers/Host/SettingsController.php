<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\KeepHistory;
use App\Http\Controllers\Controller;
use App\Http\Requests\SettingsRequest;
use App\Models\HelperInvitation;
use App\Models\QuiltAlong;
use App\Models\Role;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** How a quilt-along works, and who helps with it. */
final class SettingsController extends Controller
{
    public function edit(QuiltAlong $quiltAlong): View
    {
        return view('host.settings', [
            'quiltAlong' => $quiltAlong,
            'helpers' => $quiltAlong->memberships()->where('role', Role::Helper)->with('user')->get(),
            'asked' => HelperInvitation::query()->whereBelongsTo($quiltAlong)->whereNull('accepted_at')->orderBy('email')->get(),
        ]);
    }

    public function update(SettingsRequest $request, QuiltAlong $quiltAlong): RedirectResponse
    {
        $was = $quiltAlong->getRawOriginal();
        $quiltAlong->fill($request->about());
        $before = array_intersect_key($was, $quiltAlong->getDirty());
        $quiltAlong->save();
        if ($before !== []) {
            KeepHistory::write($quiltAlong, $this->person($request), 'settings', [], ['settings' => $before]);
        }

        return redirect()->route('host.settings', $quiltAlong)->with('status', __('settings.saved'));
    }
}
