<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Validator;

/** A table of counter readings, as a file or pasted. */
final class ReadingsRequest extends UlidRequest
{
    private const MOST_KILOBYTES = 256;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'table' => ['nullable', 'required_without:file', 'string', 'max:'.self::MOST_KILOBYTES * 1024],
            'file' => ['nullable', 'file', 'max:'.self::MOST_KILOBYTES],
            'replaced' => ['nullable', 'boolean'],
            'sure' => ['nullable', 'boolean'],
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

    public function table(): string
    {
        $file = $this->file('file');

        return $file instanceof \Illuminate\Http\UploadedFile ? (string) file_get_contents($file->getRealPath()) : (is_string($this->input('table')) ? $this->input('table') : '');
    }
}
