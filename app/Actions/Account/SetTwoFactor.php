<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;
use App\Support\OneTimeCode;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Asks for a code from a person's phone beside the password, or stops asking. */
final readonly class SetTwoFactor
{
    private const RECOVERY_CODES = 8;

    public function __construct(private RecordSecurity $record, private ClockInterface $clock)
    {
    }

    /**
     * @return string the secret to put into the phone; nothing is asked for before a code of it was given
     *
     * @throws AccountRefused while another phone is asked
     */
    public function begin(User $user): string
    {
        if (null !== $user->two_factor_at) {
            throw AccountRefused::because('on_already');
        }
        $secret = OneTimeCode::secret();
        $user->forceFill(['two_factor_secret' => $secret, 'two_factor_at' => null, 'two_factor_step' => null])->save();

        return $secret;
    }

    /**
     * @return list<string> recovery codes, shown now and never again
     *
     * @throws AccountRefused when the code is not the phone's
     */
    public function confirm(User $user, #[\SensitiveParameter] string $code): array
    {
        $step = null === $user->two_factor_secret
            ? null
            : OneTimeCode::step($user->two_factor_secret, $code, $this->clock->now());
        if (null === $step) {
            throw AccountRefused::because('wrong_code');
        }
        $codes = array_map(static fn (): string => strtolower(Str::random(5).'-'.Str::random(5)), range(1, self::RECOVERY_CODES));
        DB::transaction(function () use ($user, $step, $codes): void {
            $user->forceFill([
                'two_factor_at' => $this->clock->now(),
                'two_factor_step' => $step,
                'recovery_codes' => array_map(self::hash(...), $codes),
            ])->save();
            $this->record->handle('two-factor-on', $user);
        });

        return $codes;
    }

    public function end(User $user): void
    {
        DB::transaction(function () use ($user): void {
            $was = null !== $user->two_factor_at;
            $user->forceFill([
                'two_factor_secret' => null,
                'two_factor_at' => null,
                'two_factor_step' => null,
                'recovery_codes' => null,
            ])->save();
            if ($was) {
                $this->record->handle('two-factor-off', $user);
            }
        });
    }

    /** Whether this is the phone's code, or a recovery code; each counts once. */
    public function accepts(User $user, #[\SensitiveParameter] string $code): bool
    {
        return DB::transaction(function () use ($user, $code): bool {
            $user->refresh();
            $step = OneTimeCode::step((string) $user->two_factor_secret, $code, $this->clock->now());
            if (null !== $step && $step > ($user->two_factor_step ?? 0)) {
                $user->forceFill(['two_factor_step' => $step])->save();

                return true;
            }
            $codes = $user->recovery_codes ?? [];
            $place = array_search(self::hash($code), $codes, true);
            if (false === $place) {
                return false;
            }
            unset($codes[$place]);
            $user->forceFill(['recovery_codes' => array_values($codes)])->save();
            $this->record->handle('recovery-code-used', $user, (string) count($codes));

            return true;
        });
    }

    private static function hash(#[\SensitiveParameter] string $code): string
    {
        return hash('sha256', strtolower(trim($code)));
    }
}
