<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Exchange\PastCareTable;
use App\Http\Requests\UlidRequest;
use Illuminate\Http\UploadedFile;

/** A table of past care, pasted or as a file, and which of its columns is what. */
final class PastCareRequest extends UlidRequest
{
    private const MOST_BYTES = 1_000_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'table' => ['nullable', 'string', 'max:'.self::MOST_BYTES, 'required_without:file'],
            'file' => ['nullable', 'file', 'max:1000'],
            'column' => ['nullable', 'array'],
            'column.*' => ['nullable', 'integer', 'between:0,200'],
            'sure' => ['nullable', 'boolean'],
        ];
    }

    public function table(): string
    {
        $file = $this->file('file');
        $text = $file instanceof UploadedFile ? (string) file_get_contents($file->getRealPath() ?: '') : $this->string('table')->toString();

        return mb_check_encoding($text, 'UTF-8') ? $text : (string) mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
    }

    /** @return array<string, int|null> */
    public function columns(): array
    {
        $columns = [];
        foreach (PastCareTable::COLUMNS as $column) {
            if ($this->filled("column.$column")) {
                $columns[$column] = $this->integer("column.$column");
            }
        }

        return $columns;
    }
}
