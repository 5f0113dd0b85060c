<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Http\Requests\UlidRequest;
use App\Models\Document;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** A paper of a machine; what it is comes from its content, not from its name. */
final class DocumentRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'kind' => ['required', Rule::in(Document::KINDS)],
            'file' => ['required', 'file', 'mimes:pdf,jpg,jpeg,png,webp', 'max:'.config()->integer('good-rinse.document_max_kilobytes')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => __('machines.document_none'),
            'file.mimes' => __('machines.document_sort'),
            'file.max' => __('machines.document_big'),
            'file.uploaded' => __('machines.document_big'),
        ];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : abort(422);
    }
}
