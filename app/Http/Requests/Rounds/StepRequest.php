<?php

declare(strict_types=1);

namespace App\Http\Requests\Rounds;

use App\Models\Trace;
use Illuminate\Foundation\Http\FormRequest;

/** An answer in a trace. */
final class StepRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'seen' => ['required', 'integer', 'between:0,200'],
            'kind' => ['required', 'string', 'in:'.implode(',', [Trace::ANSWER, Trace::FAILED, Trace::SKIPPED])],
            'card' => ['required', 'string', 'max:40'],
            'result' => ['nullable', 'required_if:kind,'.Trace::ANSWER, 'string', 'max:40'],
        ];
    }
}
