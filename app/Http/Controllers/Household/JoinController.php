<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Household\AcceptInvitation;
use App\Http\Controllers\Controller;
use App\Models\Invitation;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Following an invitation into a household. */
final class JoinController extends Controller
{
    public function show(Request $request, string $token): Response
    {
        $invitation = Invitation::open($token);
        if (null !== $invitation && null === $request->user()) {
            $request->session()->put('url.intended', route('join', $token));
        }

        return response()->view('auth.join', ['invitation' => $invitation, 'token' => $token], null === $invitation ? 404 : 200);
    }

    public function store(Request $request, string $token, AcceptInvitation $accept): RedirectResponse
    {
        $accept->handle($this->person($request), $token);

        return redirect()->route('today')->with('did', __('auth.joined'));
    }
}
