<?php

declare(strict_types=1);

namespace App\Http\Requests\Measures;

use App\Http\Requests\UlidRequest;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Round\Projection\WeightLoss;
use Illuminate\Validation\Rule;

/** What the filters weigh. */
final class WeightRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $range = HouseMeasures::field('g')->range(app(Handbook::class)->measureModel()->filters);

        return [
            ...parent::rules(),
            'weight' => ['required', 'numeric', "between:$range->least,$range->most"],
            'as' => ['required', 'string', Rule::in([WeightLoss::BEFORE, WeightLoss::AFTER])],
            'sure' => ['nullable', 'boolean'],
        ];
    }

    /** Grams. */
    public function grams(): float
    {
        return HouseMeasures::field('g')->kept($this->float('weight'));
    }

    public function isClean(): bool
    {
        return WeightLoss::AFTER === $this->string('as')->toString();
    }
}
