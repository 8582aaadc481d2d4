<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\KeepHistory;
use App\Http\Controllers\Controller;
use App\Http\Requests\HelperRequest;
use App\Mail\HelperInvitedMail;
use App\Models\HelperInvitation;
use App\Models\Membership;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Mail;
use Illuminate\Validation\ValidationException;

/** Helpers: asked by letter, with what they may do. */
final class HelperController extends Controller
{
    /** @throws ValidationException when somebody with that address is on the host's side already */
    public function store(HelperRequest $request, QuiltAlong $quiltAlong): RedirectResponse
    {
        $given = $request->validated();
        $email = mb_strtolower(trim((string) $given['email']));
        $person = User::query()->where('email', $email)->first();
        if ($person?->roleIn($quiltAlong)?->isHostSide() === true) {
            throw ValidationException::withMessages(['email' => __('settings.helps_already')]);
        }
        $invitation = HelperInvitation::query()->updateOrCreate(
            ['quilt_along_id' => $quiltAlong->id, 'email' => $email],
            ['may_edit' => $request->boolean('may_edit'), 'accepted_at' => null],
        );
        KeepHistory::write($quiltAlong, $this->person($request), 'asked', ['email' => $email]);
        Mail::to($email)->queue(new HelperInvitedMail($this->person($request), $invitation->setRelation('quiltAlong', $quiltAlong)));

        return back()->with('status', __('settings.invited', ['email' => $email]));
    }

    public function update(Request $request, QuiltAlong $quiltAlong, int $membership): RedirectResponse
    {
        $helper = $this->helper($quiltAlong, $membership);
        $helper->update($request->has('may_test')
            ? ['may_test' => $request->boolean('may_test')]
            : ['may_edit' => $request->boolean('may_edit')]);
        KeepHistory::write($quiltAlong, $this->person($request), 'helper', ['name' => $helper->user->name]);

        return back()->with('status', __('settings.saved'));
    }

    public function destroy(Request $request, QuiltAlong $quiltAlong, int $membership): RedirectResponse
    {
        $helper = $this->helper($quiltAlong, $membership);
        $helper->delete();
        KeepHistory::write($quiltAlong, $this->person($request), 'helper_gone', ['name' => $helper->user->name]);

        return back()->with('status', __('settings.helper_gone'));
    }

    private function helper(QuiltAlong $quiltAlong, int $membership): Membership
    {
        return $quiltAlong->memberships()->where('role', Role::Helper)->findOrFail($membership);
    }
}
