<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Device\TableFormat;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A table of counter readings, as a file or pasted. */
final class ReadingsRequest extends UlidRequest
{
    private const MOST_KILOBYTES = 1024;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'table' => ['nullable', 'required_without:file', 'string', 'max:'.self::MOST_KILOBYTES * 1024],
            'file' => ['nullable', 'file', 'max:'.self::MOST_KILOBYTES],
            'replaced' => ['nullable', 'boolean'],
            'sure' => ['nullable', 'boolean'],
            'marks' => ['nullable', Rule::in([TableFormat::THOUSANDS, TableFormat::DECIMALS])],
            'order' => ['nullable', Rule::in([TableFormat::DAY_FIRST, TableFormat::MONTH_FIRST])],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['table' => (string) __('readings.table'), 'file' => (string) __('readings.file')];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && !mb_check_encoding($this->table(), 'UTF-8')) {
                $validator->errors()->add('table', (string) __('readings.not_text'));
            }
        }];
    }

    /** What somebody said of how the table is written; null where nobody did. */
    public function optionalText(string $field): ?string
    {
        return $this->filled($field) ? $this->string($field)->toString() : null;
    }

    public function table(): string
    {
        $file = $this->file('file');

        return $file instanceof \Illuminate\Http\UploadedFile
            ? (string) file_get_contents($file->getRealPath())
            : (is_string($this->input('table')) ? $this->input('table') : '');
    }
}
