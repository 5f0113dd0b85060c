<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Care\Sessions\SessionWish;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How somebody wants their sessions. */
final class AheadRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'mode' => ['nullable', 'string', Rule::in(SessionWish::MODES)],
            'which' => ['nullable', 'integer', 'between:0,5'],
            'weekday' => ['nullable', 'integer', 'between:1,7'],
            'minutes' => ['nullable', 'integer', 'between:10,600'],
        ];
    }

    /** Null when nothing was asked for. */
    public function wish(): ?SessionWish
    {
        return $this->has('mode') ? SessionWish::from(
            $this->string('mode')->toString(),
            $this->integer('which', 1),
            $this->integer('weekday', 6),
            $this->integer('minutes', 90),
        ) : null;
    }

    protected function getRedirectUrl(): string
    {
        return route('ahead');
    }
}
