<?php

declare(strict_types=1);

namespace App\Actions\Reminders;

use App\Models\User;

/** Changes when a household is reminded by mail, and whether this person is. */
final readonly class ChangeReminders
{
    /**
     * @param int $hour 0 to 23, on the household's clock
     * @param int $quietFrom hour from which no mail is sent
     * @param int $quietTo hour until which no mail is sent
     * @param bool $quietMachines whether plans run no machine then either
     * @param string|null $calendarKind one of Household::CALENDAR_KINDS; null to leave it as it is
     */
    public function handle(
        User $person,
        bool $wanted,
        int $hour,
        int $quietFrom,
        int $quietTo,
        bool $quietMachines,
        ?string $calendarKind = null,
    ): void {
        $home = $person->home();
        $home->update([
            'calendar_kind' => $calendarKind ?? $home->calendar_kind,
            'digest_hour' => $hour,
            'quiet_from' => $quietFrom,
            'quiet_to' => $quietTo,
            'quiet_machines' => $quietMachines,
        ]);
        $person->reminders = $wanted;
        $person->save();
    }
}
