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

    /**
     * @param string|null $id ULID from the page: sent twice, the link that is shown last is the one that works
     *
     * @return string the token of the link; it is shown now and never again
     */
    public function handle(User $by, ?string $id = null): string
    {
        $token = Str::random(40);
        $by->home()->invitations()->updateOrCreate(['request_id' => $id ?? (string) Str::ulid()], [
            'invited_by' => $by->id,
            'token_hash' => Invitation::hash($token),
            'expires_at' => app(ClockInterface::class)->now()->modify(sprintf('+%d days', config()->integer('good-rinse.invitation_days'))),
        ]);
        $this->record->handle('invited', $by);

        return $token;
    }
}
