<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Contracts\BelongsToHousehold;
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

    public function update(User $user, BelongsToHousehold $record): Response
    {
        return $this->view($user, $record);
    }
}
