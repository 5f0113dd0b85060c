<?php

declare(strict_types=1);

namespace App\Http\Requests\Rounds;

use App\Actions\Rounds\TickInput;
use App\Care\Words\KitWords;
use App\Http\Requests\UlidRequest;
use App\Models\Round;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Round\Tick;
use Illuminate\Validation\Rule;

final class TickRequest extends UlidRequest
{
    use AcceptsPhoto;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $sent = $this->all();
        $isSent = static fn (string $field): bool => isset($sent['photo_id' === $field ? 'photo' : explode('.', $field)[0]]);

        return [...parent::rules(), 'step' => ['required', 'string', 'max:40']] + array_filter([
            'answer' => ['nullable', 'string', 'max:40'],
            'share' => ['nullable', 'numeric', 'between:0,3'],
            'strength' => ['nullable', 'numeric', 'between:1,100'],
            'note' => ['nullable', 'string', 'max:'.Note::LONGEST],
            'how' => ['nullable', Rule::in([Tick::DONE, Tick::SKIPPED, Tick::COUNTING])],
            'r' => ['nullable', 'array', 'max:20'],
            'kit' => ['nullable', 'array', 'max:40', $this->allAtHand(...)],
            'kit.*' => ['string', 'max:60'],
            'have' => ['nullable', 'array', 'max:40'],
            'left' => ['nullable', 'array', 'max:12'],
            'left.*' => ['nullable', 'integer', 'between:0,40'],
            'ago' => ['nullable', 'integer', 'min:0'],
            'also' => ['nullable', 'string', 'max:40'],
            'wait' => ['nullable', 'string', 'max:20'],
            'map' => ['nullable', 'string', 'max:30000'],
            'photo_id' => ['required', 'string', 'ulid'],
            'photo' => $this->photoRules(),
        ], $isSent, ARRAY_FILTER_USE_KEY);
    }

    public function draft(): TickInput
    {
        return new TickInput(
            id: $this->ulid(),
            step: $this->string('step')->toString(),
            answer: $this->answer(),
            note: $this->note(),
            overruled: $this->boolean('overruled'),
            share: $this->filled('share') ? $this->float('share') : 1.0,
            strength: $this->filled('strength') ? $this->float('strength') : null,
            happened: $this->boolean('happened'),
            how: $this->filled('how') ? $this->string('how')->toString() : Tick::DONE,
            readings: (array) $this->input('r', []),
            missing: $this->notAtHand(),
            leftOver: $this->leftOver(),
            knows: $this->boolean('knows'),
            ago: $this->filled('ago') ? $this->integer('ago') : null,
            also: $this->filled('also') ? $this->string('also')->toString() : null,
            wait: $this->filled('wait') ? $this->string('wait')->toString() : null,
            ended: $this->boolean('ended'),
            sure: $this->boolean('sure'),
            map: $this->filled('map') ? $this->string('map')->toString() : null,
        );
    }

    /** Nothing may be missing unless the person goes on without it. */
    private function allAtHand(string $attribute, mixed $value, \Closure $fail): void
    {
        if ([] !== $this->notAtHand() && !$this->boolean('without')) {
            $round = $this->route('round');
            $fail((string) __('rounds.missing', ['what' => $round instanceof Round ? KitWords::list($round, $this->notAtHand()) : '']));
        }
    }

    /** @return list<string> kit ids that were shown and not ticked off */
    private function notAtHand(): array
    {
        $texts = fn (string $key): array => array_filter((array) $this->input($key, []), is_string(...));

        return array_values(array_diff($texts('kit'), $texts('have')));
    }

    /** @return array<string, int> */
    private function leftOver(): array
    {
        $counts = [];
        foreach ((array) $this->input('left', []) as $piece => $count) {
            if (is_numeric($count) && (int) $count > 0) {
                $counts[mb_strimwidth((string) $piece, 0, 60)] = (int) $count;
            }
        }

        return $counts;
    }

    private function answer(): ?string
    {
        return $this->filled('answer') ? $this->string('answer')->toString() : null;
    }

    private function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }

    public function photoId(): string
    {
        return mb_strtoupper($this->string('photo_id')->toString());
    }
}
