<?php

declare(strict_types=1);

namespace App\Http\Requests\Measures;

use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Handbook\Handbook;

/** How long a full pot or cup took. */
final class PotTimeRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $range = app(Handbook::class)->measureModel()->times;

        return [
            ...parent::rules(),
            'minutes' => ['nullable', 'required_without:seconds', 'numeric', 'min:0', "max:$range->most"],
            'seconds' => ['nullable', 'required_without:minutes', 'numeric', 'between:0,59'],
        ];
    }

    /** @return list<\Closure(\Illuminate\Validation\Validator): void> */
    public function after(): array
    {
        $range = app(Handbook::class)->measureModel()->times;

        return [function (\Illuminate\Validation\Validator $validator) use ($range): void {
            if ($validator->errors()->isEmpty() && ($this->minutes() < $range->least || $this->minutes() > $range->most)) {
                $validator->errors()->add('minutes', (string) __('measures.lime.time.range'));
            }
        }];
    }

    /** Minutes with their fraction. */
    public function minutes(): float
    {
        return $this->float('minutes') + $this->float('seconds') / 60;
    }
}
