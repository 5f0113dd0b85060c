<?php

declare(strict_types=1);

namespace App\Http\Requests\Traces;

use App\Actions\Traces\SymptomReport;
use App\Http\Requests\Rounds\AcceptsPhoto;
use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Quantity\Day;

/** What was noticed on a machine. */
final class TraceRequest extends UlidRequest
{
    use AcceptsPhoto {
        messages as photoMessages;
    }

    private const BADLY = ['bearable', 'annoying', 'unusable'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'symptoms' => ['required', 'array', 'max:8'],
            'symptoms.*' => ['string', 'max:40', 'distinct'],
            'since' => ['required', 'string', 'date_format:Y-m-d', 'after:1999-12-31'],
            'where' => ['nullable', 'string', 'regex:/^[a-z-]{1,30}$/D'],
            'badly' => ['nullable', 'string', 'in:'.implode(',', self::BADLY)],
            'look' => ['nullable', 'boolean'],
            'display' => ['nullable', 'string', 'max:80'],
            'task' => ['nullable', 'string', 'max:40'],
            'photo' => $this->photoRules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['symptoms.required' => (string) __('traces.pick_one')] + $this->photoMessages();
    }

    /** @return list<string> */
    public function symptoms(): array
    {
        return array_values(array_filter((array) $this->input('symptoms'), is_string(...)));
    }

    public function report(): SymptomReport
    {
        $filled = fn (string $field): ?string => $this->filled($field) ? $this->string($field)->toString() : null;

        return new SymptomReport(
            $this->symptoms(),
            Day::of($this->string('since')->toString()),
            $filled('where'),
            $filled('badly') ?? 'annoying',
            $filled('display'),
            $this->task(),
        );
    }

    /** The care task that it points to, where it is only written down; what is looked into says for itself where it came from. */
    public function task(): ?string
    {
        return $this->filled('task') && !$this->boolean('look') ? $this->string('task')->toString() : null;
    }
}
