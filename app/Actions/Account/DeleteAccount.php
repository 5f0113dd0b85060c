<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\Household\ChangeMembers;
use App\Actions\Household\DeleteHousehold;
use App\Models\CalendarFeed;
use App\Models\Login;
use App\Models\Membership;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Takes an account away. What its person wrote down stays in the household's logbook, without a name. Where nobody else
 * belongs to a household, that goes along.
 */
final readonly class DeleteAccount
{
    public function __construct(private ChangeMembers $members, private DeleteHousehold $delete)
    {
    }

    /** @throws AccountRefused while the person keeps a household to which others belong */
    public function handle(User $user): void
    {
        DB::transaction(function () use ($user): void {
            foreach (Membership::query()->where('user_id', $user->id)->with('household')->get() as $membership) {
                if (1 === $membership->household->memberships()->count()) {
                    $this->delete->handle($membership->household);
                } elseif ($membership->isKeeper()) {
                    throw AccountRefused::because('keeper_leaves');
                } else {
                    $this->members->leave($user, $membership->household);
                }
            }
            Login::query()->where('user_id', $user->id)->delete();
            CalendarFeed::query()->where('made_by', $user->id)->delete();
            DB::table('outbox')->where('to', $user->email)->delete();
            DB::table('security_events')->where('user_id', $user->id)->update(['address' => null]);
            $user->forceFill([
                'name' => (string) __('account.somebody'),
                'email' => 'gone-'.strtolower((string) Str::ulid()).'@invalid',
                'new_email' => null,
                'password' => Str::random(40),
                'remember_token' => null,
                'household_id' => null,
                'reminders' => false,
                'two_factor_secret' => null,
                'two_factor_at' => null,
                'recovery_codes' => null,
            ])->save();
        });
    }
}
