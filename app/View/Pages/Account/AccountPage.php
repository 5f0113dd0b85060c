<?php

declare(strict_types=1);

namespace App\View\Pages\Account;

use App\Models\Login;
use App\Models\User;
use App\Support\Shortcuts;
use App\View\Words\Dates;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** What a person's own page shows. */
final readonly class AccountPage
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @param string|null $here id of the login that asks */
    public function for(User $person, ?string $here): AccountData
    {
        $zone = $person->household?->zone() ?? new \DateTimeZone('UTC');
        $today = Day::at($this->clock->now(), $zone);
        $logins = Login::query()->where('user_id', $person->id)->orderByDesc('seen_at')->limit(30)->get();
        $secret = null === $person->two_factor_at ? $person->two_factor_secret : null;

        return new AccountData(
            person: $person,
            logins: array_values($logins->map(static fn (Login $login): array => [
                'login' => $login,
                'here' => $login->id === $here,
                'seen' => Dates::relative(Day::at($login->seen_at, $zone), $today),
                'browser' => self::browser($login->agent),
            ])->all()),
            memberships: array_values($person->memberships()->with('household')->orderBy('id')->get()->all()),
            shortcuts: Shortcuts::of($person->shortcuts),
            secret: $secret,
            codesLeft: count($person->recovery_codes ?? []),
            phoneLink: null === $secret ? '' : sprintf(
                'otpauth://totp/%s?secret=%s&issuer=%s',
                rawurlencode('Good Rinse: '.$person->email),
                $secret,
                rawurlencode('Good Rinse'),
            ),
        );
    }

    /** "Browser on a phone", as far as it says so itself. */
    private static function browser(string $agent): string
    {
        $kind = match (true) {
            1 === preg_match('/mobile|android|iphone/i', $agent) => 'phone',
            1 === preg_match('/ipad|tablet/i', $agent) => 'tablet',
            1 === preg_match('/mozilla/i', $agent) => 'computer',
            default => 'unknown',
        };

        return (string) __("account.browser.$kind");
    }
}
