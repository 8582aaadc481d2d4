<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\HelperInvitation;
use App\Models\Membership;
use App\Models\Role;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Somebody who was asked to help says yes. */
final class HelpController extends Controller
{
    public function show(HelperInvitation $helperInvitation): View
    {
        return view('help', ['invitation' => $helperInvitation, 'quiltAlong' => $helperInvitation->quiltAlong]);
    }

    public function store(Request $request, HelperInvitation $helperInvitation): RedirectResponse
    {
        DB::transaction(function () use ($request, $helperInvitation): void {
            Membership::query()->updateOrCreate(
                ['user_id' => $this->person($request)->id, 'quilt_along_id' => $helperInvitation->quilt_along_id],
                ['role' => Role::Helper, 'may_edit' => $helperInvitation->may_edit],
            );
            $helperInvitation->update(['accepted_at' => now()]);
        });

        return redirect()->route('host.desk', $helperInvitation->quiltAlong)->with('status', __('settings.helping'));
    }
}
