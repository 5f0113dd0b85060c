<?php

declare(strict_types=1);

namespace App\Http\Requests\Measures;

use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Flow\InvalidFlow;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The drawing of the arms, with what it was taken for. */
final class JetsRequest extends UlidRequest
{
    private const LONGEST = 30_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'means' => ['required', 'string', Rule::in([JetMap::FOUND, JetMap::LEFT, JetMap::DRAWN])],
            'map' => ['required', 'string', 'max:'.self::LONGEST],
        ];
    }

    /**
     * @throws ValidationException when the drawing did not arrive whole
     * @throws InvalidFlow for a jet or arm that cannot be
     */
    public function map(): JetMap
    {
        try {
            return JetMap::parse($this->string('map')->toString(), $this->string('means')->toString());
        } catch (MalformedEntry) {
            throw ValidationException::withMessages(['map' => __('measures.jets.malformed')]);
        }
    }
}
