<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan;

/** When a person is reminded by mail: once a day at the household's hour, not in the quiet hours, not of the same every day. */
final readonly class DigestRule
{
    /** Days after which what still waits is said again. */
    private const REPEAT_AFTER = 7;

    /**
     * @param int $hour at which mail is wanted, 0 to 23
     * @param int $quietFrom hour from which no mail is sent
     * @param int $quietTo hour until which no mail is sent; the same as quietFrom for never quiet
     */
    public function __construct(private int $hour, private int $quietFrom, private int $quietTo)
    {
    }

    /** Whether mail may go out at this hour of the household's day. An hour that is itself quiet moves to the end of the quiet. */
    public function isTime(int $hour): bool
    {
        return !$this->isQuiet($hour) && ($hour >= $this->hour || $this->isQuiet($this->hour));
    }

    /**
     * Whether there is something to say.
     *
     * @param list<string> $due what is asked for now
     * @param list<string>|null $named what the last mail named; null when there was none
     * @param int $daysSince the last mail
     */
    public function isWorthwhile(array $due, ?array $named, int $daysSince): bool
    {
        if ([] === $due || (null !== $named && $daysSince < 1)) {
            return false;
        }

        return null === $named || $daysSince >= self::REPEAT_AFTER || [] !== array_diff($due, $named);
    }

    private function isQuiet(int $hour): bool
    {
        return $this->quietFrom <= $this->quietTo
            ? $hour >= $this->quietFrom && $hour < $this->quietTo
            : $hour >= $this->quietFrom || $hour < $this->quietTo;
    }
}
