<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Household\InviteMember;
use App\Actions\Household\RevokeInvitation;
use App\Http\Controllers\Controller;
use App\Models\Invitation;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Links that let one more person in. */
final class InvitationController extends Controller
{
    public function store(Request $request, InviteMember $invite): RedirectResponse
    {
        $request->validate(['id' => ['nullable', 'ulid']]);
        $token = $invite->handle($this->person($request), $request->filled('id') ? $request->string('id')->toString() : null);

        return redirect()->route('household')->with('invitation', route('join', $token));
    }

    public function destroy(Invitation $invitation, RevokeInvitation $revoke): RedirectResponse
    {
        $revoke->handle($invitation);

        return redirect()->route('household')->with('did', __('household.revoked'));
    }
}
