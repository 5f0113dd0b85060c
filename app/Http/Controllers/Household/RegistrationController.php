<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Household\RegisterUser;
use App\Http\Controllers\Controller;
use App\Http\Requests\Household\RegistrationRequest;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Making an account. */
final class RegistrationController extends Controller
{
    public function create(Request $request): View
    {
        $this->ensureOpen($request);

        return view('auth.register');
    }

    public function store(RegistrationRequest $request, RegisterUser $register): RedirectResponse
    {
        $this->ensureOpen($request);
        $user = $register->handle(
            $request->string('name')->toString(),
            $request->string('email')->toString(),
            $request->string('password')->toString(),
        );
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->intended(route('household.new'));
    }

    /** Whoever follows an invitation has its address kept by the page that it leads to. */
    private function ensureOpen(Request $request): void
    {
        $intended = $request->session()->get('url.intended');
        $token = is_string($intended) ? basename((string) parse_url($intended, PHP_URL_PATH)) : '';
        $isOpen = match (config()->string('good-rinse.registration')) {
            'open' => true,
            'invitation' => null !== Invitation::open($token) || User::query()->doesntExist(),
            default => false,
        };
        abort_unless($isOpen, 403, (string) __('account.refused.registration'));
    }
}
