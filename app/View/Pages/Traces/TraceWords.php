<?php

declare(strict_types=1);

namespace App\View\Pages\Traces;

use App\Models\Trace;
use App\View\Words\Chance;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Trace\Diagnosis;

/** What was answered and tried in a trace, and what it says of the suspects, in words. */
final class TraceWords
{
    private const SUSPECTS = 7;

    /** @return list<array{name: string, chance: string, now: float, before: float, moved: string|null}> */
    public static function suspects(Diagnosis $reading, FaultCatalog $trouble): array
    {
        $answers = array_map(
            static fn (array $answer): ?string => self::answer($trouble, $answer[0], $answer[1]),
            $reading->evidence->answers,
        );
        $suspects = [];
        foreach (array_slice($reading->suspects, 0, self::SUSPECTS) as $cause => $chance) {
            $suspects[] = [
                'name' => $trouble->causes[$cause]->name ?? $cause,
                'chance' => Chance::describe($chance),
                'now' => round(100 * $chance, 1),
                'before' => round(100 * ($reading->before[$cause] ?? 0.0), 1),
                'moved' => self::moved($reading->moved[$cause] ?? null, $answers),
            ];
        }

        return $suspects;
    }

    /** @return list<string> suspects that what was seen and tried has as good as ruled out */
    public static function ruledOut(Diagnosis $reading, FaultCatalog $trouble): array
    {
        $out = array_filter($reading->suspects, static fn (float $chance): bool => $chance < $trouble->rules->danger);

        return array_map(
            static fn (string $cause): string => $trouble->causes[$cause]->name ?? $cause,
            array_keys([] === $reading->evidence->answers && [] === $reading->evidence->failed ? [] : $out),
        );
    }

    /**
     * @param array{int, float}|null $moved
     * @param list<string|null> $answers in words, by place
     */
    private static function moved(?array $moved, array $answers): ?string
    {
        return null === $moved || !isset($answers[$moved[0]]) || abs(log(max($moved[1], 1e-9))) < log(1.3)
            ? null
            : (string) __($moved[1] > 1 ? 'traces.raised' : 'traces.lowered', ['answer' => lcfirst($answers[$moved[0]])]);
    }

    private static function answer(FaultCatalog $trouble, string $check, string $result): ?string
    {
        foreach ($trouble->checks[$check]->results ?? [] as $each) {
            if ($each->id === $result) {
                return (string) __(
                    'traces.answered',
                    ['check' => rtrim($trouble->checks[$check]->name, '?.'), 'result' => mb_strtolower($each->name)],
                );
            }
        }

        return null;
    }

    /** @return array<int, string> what was answered and tried, in words, by place; without what the handbook has dropped since */
    public static function steps(Trace $trace, FaultCatalog $trouble): array
    {
        $lines = [];
        foreach ($trace->steps as $place => $step) {
            $lines[$place] = match ($step['kind']) {
                Trace::ANSWER => self::answer($trouble, $step['id'], (string) $step['result']) ?? (string) __('traces.gone'),
                Trace::FAILED => (string) __('traces.did_not_help', ['action' => $trouble->actions[$step['id']]->name ?? $step['id']]),
                default => (string) __(
                    'traces.left_out',
                    ['what' => $trouble->checks[$step['id']]->name ?? $trouble->actions[$step['id']]->name ?? $step['id']],
                ),
            };
        }

        return $lines;
    }

    /** @return list<string> what the logbook answered by itself, in words */
    public static function answersGiven(Trace $trace, Diagnosis $reading, FaultCatalog $trouble): array
    {
        $asked = array_column($trace->steps, 'id');
        $told = array_filter($reading->evidence->answers, static fn (array $answer): bool => !in_array($answer[0], $asked, true));

        return array_values(
            array_filter(array_map(static fn (array $answer): ?string => self::answer($trouble, $answer[0], $answer[1]), $told)),
        );
    }
}
