<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Actions\Account\RecordSecurity;
use App\Actions\Logbook\ActionRefused;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Lets a person into the household that invited them. */
final readonly class AcceptInvitation
{
    public function __construct(private ChangeMembers $members, private RecordSecurity $record)
    {
    }

    /** @throws ActionRefused when the link has been used or has run out, or the person belongs to that household already */
    public function handle(User $user, #[\SensitiveParameter] string $token): void
    {
        DB::transaction(function () use ($user, $token): void {
            $invitation = Invitation::open($token) ?? throw ActionRefused::invitationUsed();
            if ($user->memberships()->where('household_id', $invitation->household_id)->exists()) {
                throw ActionRefused::alreadyHasHousehold();
            }
            $invitation->update(['used_at' => app(ClockInterface::class)->now()]);
            $this->members->add($user, $invitation->household);
            $this->record->handle('joined', $user, $user->name, $invitation->household_id);
        });
    }
}
