<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Actions\Account\RecordSecurity;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Makes a link that lets one more person into the household, once. */
final readonly class InviteMember
{
    public function __construct(private RecordSecurity $record)
    {
    }

    /** @return string the token of the link; it is shown now and never again */
    public function handle(User $by): string
    {
        $token = Str::random(40);
        $by->home()->invitations()->create([
            'invited_by' => $by->id,
            'token_hash' => Invitation::hash($token),
            'expires_at' => app(ClockInterface::class)->now()->modify(sprintf('+%d days', config()->integer('good-rinse.invitation_days'))),
        ]);
        $this->record->handle('invited', $by);

        return $token;
    }
}
