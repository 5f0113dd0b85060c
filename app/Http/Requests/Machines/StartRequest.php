<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Foundation\Http\FormRequest;

/** What the rhythms of a machine start from: how it is used, and the schools. */
final class StartRequest extends FormRequest
{
    use DescribesUse;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->isTried() || $this->isMethod('PUT') ? $this->useRules($this->described()) : [];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return $this->useNames($this->described());
    }

    /** Whether something is to be tried, or the page is only opened. */
    public function isTried(): bool
    {
        return $this->has('habits');
    }

    /** @return array<string, string|float> */
    public function habits(): array
    {
        return $this->habitInput($this->described());
    }

    /** @return array<string, string> */
    public function schools(): array
    {
        return $this->schoolInput($this->described());
    }

    private function described(): \GoodRinse\Core\Handbook\MachineKind
    {
        $machine = $this->route('machine');

        return $machine instanceof Machine ? $machine->kindIn(app(Handbook::class)) : abort(404);
    }
}
