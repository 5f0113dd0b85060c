<?php

declare(strict_types=1);

namespace App\Http\Requests\Rounds;

use Illuminate\Http\UploadedFile;

/** A request that a picture may come with. */
trait AcceptsPhoto
{
    /** @return list<string|\Closure> */
    private function photoRules(): array
    {
        return [
            'nullable',
            'file',
            'mimes:jpg,jpeg,png,webp',
            'max:'.config()->integer('good-rinse.photo_max_kilobytes'),
            'dimensions:max_width=12000,max_height=12000',
            self::fewPixels(...),
        ];
    }

    /** Looks at the head of a picture only: nothing is unpacked that would not fit. */
    private static function fewPixels(string $attribute, mixed $value, \Closure $fail): void
    {
        $size = $value instanceof UploadedFile ? @getimagesize($value->getRealPath() ?: '') : false;
        if (is_array($size) && $size[0] * $size[1] > config()->integer('good-rinse.photo_max_pixels')) {
            $fail((string) __('rounds.photo_pixels'));
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $heic = in_array(mb_strtolower($this->photo()?->getClientOriginalExtension() ?? ''), ['heic', 'heif'], true);
        $message = $heic ? 'photo_heic' : 'photo_sort';

        return [
            'photo.mimes' => __("rounds.$message"),
            'photo.max' => __('rounds.photo_big'),
            'photo.dimensions' => __('rounds.photo_sort'),
            'photo.uploaded' => __('rounds.photo_big'),
        ];
    }

    public function photo(): ?UploadedFile
    {
        $photo = $this->file('photo');

        return $photo instanceof UploadedFile ? $photo : null;
    }
}
