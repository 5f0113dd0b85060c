<?php

declare(strict_types=1);

namespace App\Http\Requests\Devices;

use App\Actions\Devices\DeviceMessage;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;

/**
 * What a device sends: {"sent": time, "events": [{"id", "at", "total"} or {"id", "at", "light", "on"}]}. A time is RFC 3339 with
 * its offset, or seconds since 1970. Events are looked at one by one, so a long message takes as long as its length.
 */
final class DeviceEventsRequest extends FormRequest
{
    private const MOST = 500;
    private const TIME = '/^(\d{4})-(\d{2})-(\d{2})T\d{2}:\d{2}:\d{2}(\.\d{1,6})?(Z|[+-]\d{2}:\d{2})$/D';
    private const EARLIEST = 946_684_800;
    private const LATEST = 4_102_444_800;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['events' => ['required', 'array', 'list', 'max:'.self::MOST]];
    }

    public function after(): \Closure
    {
        return function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            if (null !== $this->input('sent') && null === self::time($this->input('sent'))) {
                $validator->errors()->add('sent', (string) __('devices.wrong.at'));
            }
            foreach ((array) $this->input('events') as $i => $event) {
                $wrong = is_array($event) ? self::wrong($event) : 'event';
                if (null !== $wrong) {
                    $validator->errors()->add("events.$i".('event' === $wrong ? '' : ".$wrong"), (string) __("devices.wrong.$wrong"));
                }
            }
        };
    }

    /**
     * @param array<array-key, mixed> $event
     *
     * @return string|null the field that is wrong
     */
    private static function wrong(array $event): ?string
    {
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

    /** @return list<DeviceMessage> */
    public function eventData(): array
    {
        $messages = [];
        foreach ((array) $this->input('events') as $event) {
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

    public function sent(): ?\DateTimeImmutable
    {
        return self::time($this->input('sent'));
    }

    private static function time(mixed $value): ?\DateTimeImmutable
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

    /** A device has no form to go back to. */
    protected function failedValidation(Validator $validator): void
    {
        throw new HttpResponseException(response()->json(['message' => __('devices.unreadable'), 'errors' => $validator->errors()], 422));
    }
}
