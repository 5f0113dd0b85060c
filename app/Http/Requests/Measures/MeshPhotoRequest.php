<?php

declare(strict_types=1);

namespace App\Http\Requests\Measures;

use App\Http\Requests\Rounds\AcceptsPhoto;
use App\Http\Requests\UlidRequest;

/** A picture of a mesh, to lay a grid over. */
final class MeshPhotoRequest extends UlidRequest
{
    use AcceptsPhoto;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'photo' => ['required', ...array_slice($this->photoRules(), 1)]];
    }
}
