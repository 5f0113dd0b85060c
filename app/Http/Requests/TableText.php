<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;

/** A table that somebody pastes or uploads, and which of its columns is what. */
trait TableText
{
    /** @return array<string, list<mixed>> */
    private function tableRules(): array
    {
        return [
            'table' => ['nullable', 'string', 'max:1000000', 'required_without:file'],
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

    /**
     * @param list<string> $names of columns
     *
     * @return array<string, int|null> their places, as somebody has matched them
     */
    private function matched(array $names): array
    {
        $columns = [];
        foreach ($names as $column) {
            if ($this->filled("column.$column")) {
                $columns[$column] = $this->integer("column.$column");
            }
        }

        return $columns;
    }
}
