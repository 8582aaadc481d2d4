<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\KeepHistory;
use App\Http\Controllers\Controller;
use App\Models\Invitation;
use App\Models\QuiltAlong;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final class InvitationController extends Controller
{
    /** A new join code; the old one stops working. */
    public function store(Request $request, QuiltAlong $quiltAlong): RedirectResponse
    {
        DB::transaction(function () use ($quiltAlong): void {
            // Two owners who replace the code at the same moment do it one after the other.
            QuiltAlong::query()->whereKey($quiltAlong->id)->lockForUpdate()->firstOrFail();
            $quiltAlong->invitations()->whereNull('revoked_at')->update(['revoked_at' => now()]);
            $quiltAlong->invitations()->create(['code' => Invitation::newCode()]);
        });

        KeepHistory::write($quiltAlong, $this->person($request), 'code');

        return redirect()->route('host.people', $quiltAlong)->with('status', __('people.new_code'));
    }
}
