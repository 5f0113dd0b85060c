<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Something noticed that points to a care task. */
final class SymptomRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['symptom' => ['required', 'string', 'max:40'], 'task' => ['required', 'string', 'max:40']];
    }
}
