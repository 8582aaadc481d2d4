<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DeleteAccount;
use App\Http\Requests\AccountRequest;
use App\Http\Requests\DeleteAccountRequest;
use App\Models\SecurityEvent;
use App\Security\Devices;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class AccountController extends Controller
{
    public function edit(Request $request): View
    {
        $person = $this->person($request);

        return view('account.edit', [
            'person' => $person,
            'devices' => Devices::of($person, $request->session()),
            'events' => SecurityEvent::query()->where('user_id', $person->id)->latest('id')->limit(20)->get(),
        ]);
    }

    public function update(AccountRequest $request): RedirectResponse
    {
        $person = $this->person($request);
        $person->update($request->validated());

        return back()->with('status', __('account.saved'));
    }

    public function destroy(DeleteAccountRequest $request, DeleteAccount $delete): RedirectResponse
    {
        $person = $this->person($request);
        $delete($person);
        // The usual sign-out writes a new remember token, and would store the person again.
        Auth::logoutCurrentDevice();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('welcome')->with('status', __('account.deleted'));
    }
}
