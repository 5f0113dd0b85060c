<?php

declare(strict_types=1);

namespace App\Http\Requests\Measures;

use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Measured\MeshGrid;
use Illuminate\Validation\Rule;

/** The cells of a picture that let no light through. */
final class MeshGridRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'task' => ['required', 'string', 'max:40'],
            'mask' => ['required', 'string', Rule::in([MeshGrid::WHOLE, MeshGrid::ROUND])],
            'means' => ['required', 'string', Rule::in([JetMap::FOUND, JetMap::LEFT])],
            'shut' => ['nullable', 'array', 'max:600'],
            'shut.*' => ['integer', 'between:0,599'],
        ];
    }

    /** @return list<int> */
    public function shut(): array
    {
        return array_values(array_map(
            static fn (mixed $cell): int => is_numeric($cell) ? (int) $cell : 0,
            (array) $this->input('shut', []),
        ));
    }
}
