<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Account\AccountRefused;
use App\Actions\Household\ChangeMembers;
use App\Actions\Household\DeleteHousehold;
use App\Http\Controllers\Controller;
use App\Models\Household;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Who belongs to the household, and which of a person's households is open. */
final class MemberController extends Controller
{
    public function destroy(Request $request, User $user, ChangeMembers $members): RedirectResponse
    {
        $by = $this->person($request);
        self::ensureMember($user, $by->home());
        $members->remove($by, $user, $by->home());

        return redirect()->route('household')->with('did', __('household.removed', ['name' => $user->name]));
    }

    public function handOver(Request $request, ChangeMembers $members): RedirectResponse
    {
        $by = $this->person($request);
        $request->validate(['user' => ['required', 'integer']]);
        $user = $by->home()->members()->whereKey($request->integer('user'))->first() ?? throw AccountRefused::because('not_there');
        $members->handOver($by, $user, $by->home());

        return redirect()->route('household')->with('did', __('household.handed_over', ['name' => $user->name]));
    }

    public function leave(Request $request, ChangeMembers $members): RedirectResponse
    {
        $user = $this->person($request);
        $members->leave($user, $user->home());

        return redirect()->route('today')->with('did', __('household.left'));
    }

    public function open(Request $request, Household $household, ChangeMembers $members): RedirectResponse
    {
        self::ensureMember($this->person($request), $household);
        $members->open($this->person($request), $household);

        return redirect()->route('today')->with('did', __('household.opened', ['name' => $household->name]));
    }

    /** Somebody else's household, and somebody of one, are answered like what does not exist. */
    private static function ensureMember(User $user, Household $household): void
    {
        abort_unless($user->memberships()->where('household_id', $household->id)->exists(), 404);
    }

    public function end(Request $request, DeleteHousehold $delete): RedirectResponse
    {
        $household = $this->person($request)->home();
        $request->validate(['name' => ['required', 'string', 'in:'.$household->name]], ['name.in' => __('household.name_again')]);
        $delete->handle($household);

        return redirect()->route('today')->with('did', __('household.ended', ['name' => $household->name]));
    }
}
