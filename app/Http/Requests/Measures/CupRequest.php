<?php

declare(strict_types=1);

namespace App\Http\Requests\Measures;

use App\Http\Requests\UlidRequest;
use App\Support\RefusalWords;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Flow\InvalidFlow;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Measured\CupRecord;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Looks at a cup in the rack, typed or taken by the page's clock. */
final class CupRequest extends UlidRequest
{
    private const MOST = 40;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $model = app(Handbook::class)->measureModel();
        $cups = HouseMeasures::field('ml')->range($model->cups);

        return [
            ...parent::rules(),
            'cup' => ['required', 'numeric', "between:$cups->least,$cups->most"],
            'shape' => ['required', 'string', Rule::in(array_keys($model->shapes))],
            'minute' => ['required', 'array', 'max:'.self::MOST],
            'minute.*' => ['nullable', 'numeric', "between:0,$model->longestTest"],
            'level' => ['required', 'array', 'max:'.self::MOST],
            'level.*' => ['nullable', 'numeric', 'min:0'],
            'clean' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['cup' => 'cup', 'minute.*' => 'minute', 'level.*' => 'level'];
    }

    /**
     * @throws ValidationException for looks that are half filled in, or cannot be
     */
    public function record(): CupRecord
    {
        $in = HouseMeasures::field('ml');
        $cup = $in->kept($this->float('cup'));
        $looks = [];
        [$minutes, $levels] = [(array) $this->input('minute'), (array) $this->input('level')];
        foreach ($minutes as $i => $minute) {
            $level = $levels[$i] ?? null;
            if (is_numeric($minute) !== is_numeric($level)) {
                throw ValidationException::withMessages(['level' => __('measures.cup.half')]);
            }
            if (is_numeric($minute) && is_numeric($level)) {
                $looks[] = [(float) $minute, min($in->kept((float) $level), (float) $level >= $this->float('cup') ? $cup : INF)];
            }
        }
        try {
            return CupRecord::parse(
                json_encode($looks, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                $cup,
                $this->string('shape')->toString(),
                $this->boolean('clean'),
            );
        } catch (InvalidFlow $e) {
            throw ValidationException::withMessages(['level' => RefusalWords::of($e)]);
        } catch (MalformedEntry) {
            throw ValidationException::withMessages(['level' => __('measures.cup.half')]);
        }
    }
}
