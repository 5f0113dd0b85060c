<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Actions\Logbook\ActionRefused;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Lets a person into the household that invited them. */
final readonly class AcceptInvitation
{
    /** @throws ActionRefused when the link has been used or has run out, or the person has a household */
    public function handle(User $user, #[\SensitiveParameter] string $token): void
    {
        DB::transaction(static function () use ($user, $token): void {
            $invitation = Invitation::open($token) ?? throw ActionRefused::invitationUsed();
            if (null !== $user->refresh()->household_id) {
                throw ActionRefused::alreadyHasHousehold();
            }
            $invitation->update(['used_at' => app(ClockInterface::class)->now()]);
            $user->household()->associate($invitation->household)->save();
        });
    }
}
