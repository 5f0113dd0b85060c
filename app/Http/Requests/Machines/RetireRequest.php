<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Actions\Machines\RetireMachine;
use App\Models\User;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

/** How and when a machine left the kitchen. */
final class RetireRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(ClockInterface $clock): array
    {
        $person = $this->user();
        $zone = $person instanceof User ? $person->home()->zone() : new \DateTimeZone('UTC');

        return [
            'how' => ['required', Rule::in(RetireMachine::WAYS)],
            'on' => ['required', 'date_format:Y-m-d', 'after:1949-12-31', 'before_or_equal:'.Day::at($clock->now(), $zone)],
        ];
    }

    public function how(): string
    {
        return $this->string('how')->toString();
    }

    public function day(): Day
    {
        return Day::of($this->string('on')->toString());
    }
}
