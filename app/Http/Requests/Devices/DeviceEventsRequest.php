<?php

declare(strict_types=1);

namespace App\Http\Requests\Devices;

use App\Actions\Devices\DeviceMessage;
use App\Actions\Devices\DeviceMessages;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;

/** What a device sends: {"sent": time, "events": […]}, as DeviceMessages reads them. */
final class DeviceEventsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['events' => ['required', 'array', 'list', 'max:'.DeviceMessages::MOST]];
    }

    public function after(): \Closure
    {
        return function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            if (null !== $this->input('sent') && null === DeviceMessages::time($this->input('sent'))) {
                $validator->errors()->add('sent', (string) __('devices.wrong.at'));
            }
            foreach ((array) $this->input('events') as $i => $event) {
                $wrong = DeviceMessages::wrong($event);
                if (null !== $wrong) {
                    $validator->errors()->add("events.$i".('event' === $wrong ? '' : ".$wrong"), (string) __("devices.wrong.$wrong"));
                }
            }
        };
    }

    /** @return list<DeviceMessage> */
    public function eventData(): array
    {
        return DeviceMessages::read((array) $this->input('events'));
    }

    public function sent(): ?\DateTimeImmutable
    {
        return DeviceMessages::time($this->input('sent'));
    }

    /** A device has no form to go back to. */
    protected function failedValidation(Validator $validator): void
    {
        throw new HttpResponseException(response()->json(['message' => __('devices.unreadable'), 'errors' => $validator->errors()], 422));
    }
}
