<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use Illuminate\Foundation\Http\FormRequest;

/** One thing that a person has seen of a machine; what it can be comes from the handbook. */
final class TraitRequest extends FormRequest
{
    use DescribesUse;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['value' => ['required', ...$this->answerRules($this->asked()->options, $this->asked()->number, $this->asked()->unit)]];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['value' => rtrim(mb_strtolower($this->asked()->ask), '?')];
    }

    public function answer(): string
    {
        return $this->traitInput($this->asked(), $this->string('value')->toString());
    }

    public function asked(): MachineTrait
    {
        $machine = $this->route('machine');
        $trait = $this->route('trait');
        $traits = $machine instanceof Machine ? $machine->kindIn(app(Handbook::class))->traits() : [];

        return $traits[is_string($trait) ? $trait : ''] ?? abort(404);
    }
}
