<?php

declare(strict_types=1);

namespace App\Actions\Devices;

/**
 * Reads what a device sends, event by event, so that a long message takes as long as its length: {"id", "at", "total"} or
 * {"id", "at", "light", "on"}. A time is RFC 3339 with its offset, or seconds since 1970.
 */
final class DeviceMessages
{
    public const MOST = 500;

    private const TIME = '/^(\d{4})-(\d{2})-(\d{2})T\d{2}:\d{2}:\d{2}(\.\d{1,6})?(Z|[+-]\d{2}:\d{2})$/D';
    private const EARLIEST = 946_684_800;
    private const LATEST = 4_102_444_800;

    /** @return string|null the field that is wrong; "event" for what is none */
    public static function wrong(mixed $event): ?string
    {
        if (!is_array($event)) {
            return 'event';
        }
        $light = $event['light'] ?? null;
        $total = $event['total'] ?? null;
        $isNumber = is_int($total) || is_float($total) || (is_string($total) && is_numeric($total));

        return match (true) {
            !is_string($event['id'] ?? null) || 1 !== preg_match('/^[\w.:-]{1,64}$/D', $event['id']) => 'id',
            null === self::time($event['at'] ?? null) => 'at',
            null !== $light && (!is_string($light) || strlen($light) > 40) => 'light',
            null !== $light && !in_array($event['on'] ?? null, [true, false, 0, 1, '0', '1'], true) => 'on',
            null === $light && (!$isNumber || $total < 0 || $total > 1e9) => 'total',
            default => null,
        };
    }

    /**
     * @param array<array-key, mixed> $events none of which is wrong
     *
     * @return list<DeviceMessage>
     */
    public static function read(array $events): array
    {
        $messages = [];
        foreach ($events as $event) {
            $at = is_array($event) ? self::time($event['at'] ?? null) : null;
            if (is_array($event) && is_string($event['id'] ?? null) && null !== $at) {
                $light = $event['light'] ?? null;
                $total = $event['total'] ?? null;
                $messages[] = new DeviceMessage(
                    $event['id'],
                    $at,
                    is_numeric($total) && null === $light ? (float) $total : null,
                    is_string($light) ? $light : null,
                    (bool) ($event['on'] ?? false),
                );
            }
        }

        return $messages;
    }

    public static function time(mixed $value): ?\DateTimeImmutable
    {
        $utc = new \DateTimeZone('UTC');
        if (is_int($value) || is_float($value)) {
            return $value >= self::EARLIEST && $value < self::LATEST
                ? (new \DateTimeImmutable('@'.(int) $value))->setTimezone($utc)
                : null;
        }
        $part = [];
        $fits = is_string($value) && 1 === preg_match(self::TIME, $value, $part);
        if (!$fits || !checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            return null;
        }
        try {
            $time = (new \DateTimeImmutable($value))->setTimezone($utc);
        } catch (\Exception) {
            return null;
        }

        return $time->getTimestamp() >= self::EARLIEST && $time->getTimestamp() < self::LATEST ? $time : null;
    }
}
