<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\ChangeAccount;
use App\Actions\Account\DeleteAccount;
use App\Http\Controllers\Controller;
use App\Http\Middleware\KeepLogin;
use App\Http\Requests\Account\PasswordRequest;
use App\Models\User;
use App\Support\MailServer;
use App\Support\Scalar;
use App\View\Pages\Account\AccountPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;

/** A person's own name, address, password, and the end of the account. */
final class AccountController extends Controller
{
    public function edit(Request $request, AccountPage $page): View
    {
        return view('account.edit', $page->for($this->person($request), $this->login($request)));
    }

    public function name(Request $request, ChangeAccount $change): RedirectResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:80']]);
        $change->name($this->person($request), $request->string('name')->toString());

        return redirect()->route('account')->with('did', __('account.saved'));
    }

    public function email(Request $request, ChangeAccount $change): RedirectResponse
    {
        $request->merge(['email' => mb_strtolower($request->string('email')->toString())]);
        $user = $this->person($request);
        $request->validate(
            ['email' => [
                'required', 'string', 'email', 'max:190',
                // Where mail leaves the installation, whose address it is is said there and nowhere else.
                ...MailServer::isNamed() ? [] : [Rule::unique(User::class)->ignore($user->id)],
            ]],
            ['email.unique' => __('account.refused.email_taken'), 'email.email' => __('account.no_email')],
        );
        $change->askForEmail($user, $request->string('email')->toString());
        MailServer::send(static fn () => $change->sendConfirmation($user));

        return redirect()->route('account')->with('did', __('account.email_sent', ['email' => $user->new_email]));
    }

    /** Where the link leads that was sent to the new address; it asks, because mail programs open links by themselves. */
    public function confirm(Request $request, User $user): View
    {
        return view('account.confirm-email', ['url' => $request->getRequestUri(), 'email' => Scalar::text($request->query('email'))]);
    }

    public function confirmed(Request $request, User $user, ChangeAccount $change): RedirectResponse
    {
        // The address of the signed link, never one that the form adds to it.
        $change->confirmEmail($user, Scalar::text($request->query('email')));

        return redirect()->route(Auth::check() ? 'account' : 'login')->with('did', __('account.email_changed'));
    }

    public function password(PasswordRequest $request, ChangeAccount $change): RedirectResponse
    {
        $change->password($this->person($request), $request->password(), $this->login($request));

        return redirect()->route('account')->with('did', __('account.password_changed'));
    }

    public function destroy(Request $request, DeleteAccount $delete): RedirectResponse
    {
        $delete->handle($this->person($request));
        KeepLogin::logOut($request);

        return redirect()->route('login')->with('did', __('account.deleted'));
    }
}
