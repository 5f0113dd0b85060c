<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\CareSession;
use App\View\Pages\Plan\PlanQuery;
use Illuminate\Foundation\Http\FormRequest;

/** What somebody wants planned. Nothing is refused: what cannot be read counts as not asked for, and the page says so. */
final class PlanRequest extends FormRequest
{
    /** Jobs and wishes beyond these are left out. */
    private const MOST = 200;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function plan(): PlanQuery
    {
        $text = fn (string $name): ?string => is_string($given = $this->input($name)) ? mb_substr($given, 0, 40) : null;

        return new PlanQuery(
            $this->has('jobs') || $this->has('at') ? $this->jobs() : null,
            $text('at'),
            $text('ready'),
            $text('minutes'),
            max(1, min(CareSession::MOST_PEOPLE, (int) $text('people'))),
            array_filter($this->wishes('set'), static fn (string $at): bool => '' !== $at),
            array_map(
                intval(...),
                array_filter($this->wishes('by'), static fn (string $by): bool => in_array($by, ['0', '1'], true)),
            ),
        );
    }

    /** @return list<string> */
    private function jobs(): array
    {
        return array_slice(array_values(array_filter((array) $this->input('jobs', []), is_string(...))), 0, self::MOST);
    }

    /** @return array<string, string> by block */
    private function wishes(string $name): array
    {
        $wishes = [];
        foreach (array_slice((array) $this->input($name, []), 0, self::MOST, true) as $block => $wish) {
            if (is_string($wish) && is_string($block)) {
                $wishes[$block] = $wish;
            }
        }

        return $wishes;
    }
}
