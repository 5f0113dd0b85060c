<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Household\RegisterUser;
use App\Http\Controllers\Controller;
use App\Http\Requests\Household\RegistrationRequest;
use App\Models\Invitation;
use App\Models\User;
use App\Support\MailServer;
use App\Support\Scalar;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Making an account: at once, or, where mail leaves the installation, under a link sent to the address that it is to have. */
final class RegistrationController extends Controller
{
    public function create(Request $request): View
    {
        $this->openInvitation($request);

        return MailServer::isNamed()
            ? view('auth.register-address')
            : view('auth.register', ['email' => null, 'url' => route('register')]);
    }

    public function store(RegistrationRequest $request, RegisterUser $register): RedirectResponse
    {
        $invitation = $this->openInvitation($request);

        return MailServer::isNamed() ? redirect()->route('register') : $this->register($request, $register, $invitation);
    }

    public function sendLink(Request $request, RegisterUser $register): RedirectResponse
    {
        $invitation = $this->openInvitation($request);
        if (!MailServer::isNamed()) {
            return redirect()->route('register');
        }
        $request->validate(['email' => ['required', 'string', 'email', 'max:190']], ['email.email' => __('account.no_email')]);
        $email = mb_strtolower($request->string('email')->toString());
        // One mail goes out whether somebody has that address or not, so that it takes the same time.
        MailServer::send(static fn () => $register->sendLink($email, $invitation));

        return redirect()->route('register')->with('did', __('account.register_sent', ['email' => $email]));
    }

    /** Where the link leads that was sent to the address. */
    public function confirmed(Request $request): RedirectResponse|View
    {
        $this->openInvitation($request);
        $email = Scalar::text($request->query('email'));

        return User::query()->where('email', $email)->exists()
            ? redirect()->route('login')->with('did', __('account.registered_already'))
            : view('auth.register', ['email' => $email, 'url' => $request->getRequestUri()]);
    }

    public function storeConfirmed(RegistrationRequest $request, RegisterUser $register): RedirectResponse
    {
        return $this->register($request, $register, $this->openInvitation($request));
    }

    private function register(
        RegistrationRequest $request,
        RegisterUser $register,
        #[\SensitiveParameter]
        ?string $invitation,
    ): RedirectResponse {
        Auth::login($register->handle(
            $request->string('name')->toString(),
            $request->string('email')->toString(),
            $request->string('password')->toString(),
        ));
        $request->session()->regenerate();

        return null === $invitation ? redirect()->intended(route('household.new')) : redirect()->route('join', $invitation);
    }

    /**
     * The token of the invitation that led here: of the signed link, or of the page that was asked for before. Whoever may not
     * make an account gets no further.
     */
    private function openInvitation(Request $request): ?string
    {
        $intended = $request->session()->get('url.intended');
        $token = Scalar::text($request->query('invitation'))
            ?: (is_string($intended) ? basename((string) parse_url($intended, PHP_URL_PATH)) : '');

        $invitation = null === Invitation::open($token) ? null : $token;
        $isOpen = match (config()->string('good-rinse.registration')) {
            'open' => true,
            'invitation' => null !== $invitation || User::query()->doesntExist(),
            default => false,
        };
        abort_unless($isOpen, 403, (string) __('account.refused.registration'));

        return $invitation;
    }
}
