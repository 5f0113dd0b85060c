<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Models\Machine;
use App\View\Pages\Machines\DisassemblyPage;
use GoodRinse\Core\Apart\SheetLine;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A part that the household adds to a machine. */
final class OwnPartRequest extends FormRequest
{
    use DescribesPieces;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:40'],
            'in_the_way_of' => ['required', 'string', Rule::in($this->parts())],
            'note' => ['nullable', 'string', 'max:200'],
        ] + $this->pieceRules();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'name' => (string) __('machines.fields.name'),
            'in_the_way_of' => (string) __('machines.fields.in_the_way_of'),
        ] + $this->pieceNames();
    }

    /** @return list<string> ids of the handbook's parts that come off this machine */
    private function parts(): array
    {
        $machine = $this->route('machine');

        return $machine instanceof Machine ? array_values(
            array_map(static fn (SheetLine $line): string => $line->part, app(DisassemblyPage::class)->handbookLines($machine)),
        ) : [];
    }
}
