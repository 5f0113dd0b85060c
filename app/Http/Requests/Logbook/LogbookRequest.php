<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Care\Readers\LogbookCriteria;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Foundation\Http\FormRequest;

final class LogbookRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'entry' => ['nullable', 'string', 'max:30'],
            'machine' => ['nullable', 'string', 'max:40'],
            'show' => ['nullable', 'string', 'in:care,uses,all,pictures'],
            'before' => ['nullable', 'string', 'max:60'],
            'from' => ['nullable', 'string', 'date_format:Y-m-d'],
            'to' => ['nullable', 'string', 'date_format:Y-m-d', ...($this->filled('from') ? ['after_or_equal:from'] : [])],
            'by' => ['nullable', 'integer'],
            'find' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['to.after_or_equal' => (string) __('machines.away_order')];
    }

    public function criteria(): LogbookCriteria
    {
        $text = fn (string $field): string => $this->string($field)->toString();

        return new LogbookCriteria(
            $text('machine'),
            $text('show'),
            $text('entry'),
            $text('before'),
            $this->day('from'),
            $this->day('to'),
            $this->filled('by') ? $this->integer('by') : null,
            $text('find'),
        );
    }

    private function day(string $field): ?Day
    {
        return $this->filled($field) ? Day::of($this->string($field)->toString()) : null;
    }

    protected function getRedirectUrl(): string
    {
        return route('logbook');
    }
}
