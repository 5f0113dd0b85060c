<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Models\Invitation;

/** Makes an invitation's link useless. */
final readonly class RevokeInvitation
{
    public function handle(Invitation $invitation): void
    {
        $invitation->delete();
    }
}
