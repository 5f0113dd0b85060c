<?php

declare(strict_types=1);

namespace App\Handbook;

use GoodRinse\Core\Handbook\Compiler\Problem;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Step;
use Illuminate\Contracts\Translation\Translator;

/** Finds what the handbook speaks of and the pages have no words for. */
final readonly class HandbookWords
{
    public function __construct(private Translator $words)
    {
    }

    /** @return list<Problem> */
    public function missing(Handbook $handbook): array
    {
        $needed = [];
        foreach (array_keys($handbook->kindNames()) as $id) {
            $kind = $handbook->kind($id);
            $needed["units.counted.$kind->useUnit"] = "machines/$id/kind.yaml";
            foreach (array_keys($kind->procedureNames) as $procedure) {
                foreach ($kind->procedures->procedure($procedure)->steps as $step) {
                    $needed += array_fill_keys(self::ofStep($step), "machines/$id/procedures/$procedure.yaml");
                }
            }
        }
        foreach ($handbook->chemistry()->vessels as $vessel) {
            $needed += array_fill_keys(
                array_map(static fn (string $way): string => "logbook.clearing.$way", $vessel->clearedBy),
                'chemistry.yaml',
            );
        }
        $problems = [];
        foreach (array_filter(
            $needed,
            fn (string $file, string $key): bool => $this->words->get($key) === $key,
            ARRAY_FILTER_USE_BOTH,
        ) as $key => $file) {
            [$name, $rest] = explode('.', $key, 2);
            $problems[] = new Problem(
                "lang/{$this->words->getLocale()}/$name.php",
                '/'.str_replace('.', '/', $rest),
                "has no words for what $file speaks of",
            );
        }

        return $problems;
    }

    /** @return list<string> keys of the words that the pages say of a step */
    private static function ofStep(Step $step): array
    {
        return null === $step->clears ? [] : ["logbook.clearing.{$step->clears->by}"];
    }
}
