<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Foundation\Http\FormRequest;

/** A note on a procedure of a machine's kind. */
final class ProcedureNoteRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $this->procedure();

        return ['note' => ['nullable', 'string', 'max:500']];
    }

    public function note(): string
    {
        return trim($this->string('note')->toString());
    }

    public function procedure(): string
    {
        [$machine, $procedure] = [$this->route('machine'), $this->route('procedure')];
        $names = $machine instanceof Machine ? $machine->kindIn(app(Handbook::class))->procedureNames : [];

        return is_string($procedure) && isset($names[$procedure]) ? $procedure : abort(404);
    }
}
