<?php

declare(strict_types=1);

namespace App\Actions\Reminders;

use App\Actions\Account\RecordSecurity;
use App\Models\CalendarFeed;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Makes a private address under which a calendar or a display reads what is due. */
final readonly class CreateFeed
{
    public function __construct(private RecordSecurity $record)
    {
    }

    /**
     * @param string|null $id ULID from the page: sent twice, the first address stops and the one that is shown holds
     *
     * @return string the token in it; it is shown now and never again
     */
    public function handle(User $by, ?string $id = null, string $reader = CalendarFeed::CALENDAR): string
    {
        $token = Str::random(40);
        DB::transaction(function () use ($by, $id, $reader, $token): void {
            $by->home()->feeds()->updateOrCreate(
                ['request_id' => $id ?? (string) Str::ulid()],
                ['made_by' => $by->id, 'token_hash' => hash('sha256', $token), 'reader' => $reader],
            );
            $this->record->handle('feed-made', $by);
        });

        return $token;
    }
}
