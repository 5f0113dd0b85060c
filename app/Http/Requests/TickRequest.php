<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\TickDraft;
use GoodRinse\Core\Logbook\Note;
use Illuminate\Http\UploadedFile;

final class TickRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'step' => ['required', 'string', 'max:40'],
            'answer' => ['nullable', 'string', 'max:40'],
            'share' => ['nullable', 'numeric', 'between:0,3'],
            'strength' => ['nullable', 'numeric', 'between:1,100'],
            'note' => ['nullable', 'string', 'max:'.Note::LONGEST],
            'photo_id' => ['required_with:photo', 'string', 'ulid'],
            'photo' => ['nullable', 'file', 'mimes:jpg,jpeg,png,webp', 'max:'.config()->integer('good-rinse.photo_max_kilobytes'), 'dimensions:max_width=12000,max_height=12000'],
        ];
    }

    public function draft(): TickDraft
    {
        return new TickDraft(
            $this->ulid(),
            $this->string('step')->toString(),
            $this->answer(),
            $this->note(),
            $this->boolean('overruled'),
            $this->filled('share') ? $this->float('share') : 1.0,
            $this->filled('strength') ? $this->float('strength') : null,
            $this->boolean('happened'),
        );
    }

    private function answer(): ?string
    {
        return $this->filled('answer') ? $this->string('answer')->toString() : null;
    }

    private function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }

    public function photo(): ?UploadedFile
    {
        $photo = $this->file('photo');

        return $photo instanceof UploadedFile ? $photo : null;
    }

    public function photoId(): string
    {
        return mb_strtoupper($this->string('photo_id')->toString());
    }
}
