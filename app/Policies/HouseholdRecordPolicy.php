<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Contracts\BelongsToHousehold;
use App\Models\Machine;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Whatever belongs to a household can be seen and changed by its members, and for anybody else is not there. */
final class HouseholdRecordPolicy
{
    public function view(User $user, BelongsToHousehold $record): Response
    {
        return null !== $user->household_id
            && $user->household_id === $record->householdId() ? Response::allow() : Response::denyAsNotFound();
    }

    /** A machine that has left the kitchen is only looked at, until it is put back. */
    public function update(User $user, BelongsToHousehold $record): Response
    {
        $seen = $this->view($user, $record);

        return $seen->allowed() && $record instanceof Machine && null !== $record->retired_on
            ? Response::deny((string) __('places/retired.in_use_only'))
            : $seen;
    }
}
