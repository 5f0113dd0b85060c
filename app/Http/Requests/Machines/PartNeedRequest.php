<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Logbook\Payload\PartNeed;
use Illuminate\Validation\Rule;

/** A part that is worn, to be ordered or ordered. */
final class PartNeedRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'part' => ['required', 'string', 'max:60'],
            'stage' => ['required', 'string', Rule::in(PartNeed::STAGES)],
            'number' => ['nullable', 'string', 'max:60'],
            'note' => ['nullable', 'string', 'max:'.PartNeed::LONGEST],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['number' => (string) __('machines.fields.number'), 'stage' => (string) __('machines.fields.stage')];
    }

    public function need(): PartNeed
    {
        $text = fn (string $key): ?string => $this->filled($key) ? $this->string($key)->trim()->toString() : null;

        return new PartNeed(
            $this->string('part')->toString(),
            $this->string('stage')->toString(),
            $text('number'),
            $text('note'),
        );
    }
}
