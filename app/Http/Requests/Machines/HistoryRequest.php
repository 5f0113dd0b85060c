<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Http\Requests\UlidRequest;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;

/** What was before a machine was looked after here, told afterwards. */
final class HistoryRequest extends UlidRequest
{
    use DescribesHistory;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = $this->beforeRules($this->kind());
        $rules['new_on'][] = 'required_without:cleaned_on';
        $rules['cleaned'][] = 'required_with:cleaned_on';

        return parent::rules() + $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'new_on.required_without' => (string) __('machines.before_day'),
            'cleaned.required_with' => (string) __('machines.before_parts'),
        ];
    }

    private function kind(): MachineKind
    {
        $machine = $this->route('machine');

        return $machine instanceof Machine ? $machine->kindIn(app(Handbook::class)) : abort(404);
    }
}
