<?php

declare(strict_types=1);

namespace App\Http\Requests\Devices;

use App\Actions\Devices\DeviceMessage;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;

/** What a device sends: {"sent": time, "events": [{"id", "at", "total"} or {"id", "at", "light", "on"}]}, times as RFC 3339. */
final class DeviceEventsRequest extends FormRequest
{
    private const MOST = 500;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'sent' => ['nullable', 'string', 'date_format:Y-m-d\TH:i:sP,Y-m-d\TH:i:s\Z,Y-m-d\TH:i:s.vP,Y-m-d\TH:i:s.v\Z'],
            'events' => ['required', 'array', 'list', 'max:'.self::MOST],
            'events.*.id' => ['required', 'string', 'max:64', 'regex:/^[\w.:-]+$/D'],
            'events.*.at' => [
                'required',
                'string',
                'date_format:Y-m-d\TH:i:sP,Y-m-d\TH:i:s\Z,Y-m-d\TH:i:s.vP,Y-m-d\TH:i:s.v\Z',
                'after:1999-12-31',
                'before:2100-01-01',
            ],
            'events.*.total' => ['nullable', 'required_without:events.*.light', 'numeric', 'between:0,1000000000'],
            'events.*.light' => ['nullable', 'string', 'max:40'],
            'events.*.on' => ['nullable', 'required_with:events.*.light', 'boolean'],
        ];
    }

    /** @return list<DeviceMessage> */
    public function eventData(): array
    {
        $messages = [];
        foreach ((array) $this->input('events') as $event) {
            if (is_array($event) && is_string($event['id']) && is_string($event['at'])) {
                $light = $event['light'] ?? null;
                $total = $event['total'] ?? null;
                $messages[] = new DeviceMessage(
                    $event['id'],
                    self::time($event['at']),
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
        return $this->filled('sent') ? self::time($this->string('sent')->toString()) : null;
    }

    private static function time(string $text): \DateTimeImmutable
    {
        return (new \DateTimeImmutable($text))->setTimezone(new \DateTimeZone('UTC'));
    }

    /** A device has no form to go back to. */
    protected function failedValidation(Validator $validator): void
    {
        throw new HttpResponseException(response()->json(['message' => __('devices.unreadable'), 'errors' => $validator->errors()], 422));
    }
}
