<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\View\PageData;
use GoodRinse\Core\Handbook\Care\DoseModel;
use GoodRinse\Core\Handbook\Care\Question;
use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Scale\Scale;

/** The whole handbook on paper, as its readers check it. */
final readonly class PrintedHandbookData extends PageData
{
    /**
     * @param list<PrintedKind> $kinds
     * @param list<Question> $questions
     * @param list<Scale> $scales
     * @param array<string, string> $bases as Handbook::bases gives them
     */
    public function __construct(
        public Handbook $handbook,
        public array $kinds,
        public array $questions,
        public array $scales,
        public ChemistryRules $rules,
        public DoseModel $doses,
        public array $bases,
    ) {
    }

    public static function of(Handbook $handbook): self
    {
        $kinds = [];
        foreach (array_keys($handbook->kindNames()) as $id) {
            if ([] !== $handbook->kind($id)->procedureNames) {
                $kinds[] = PrintedKind::of($handbook->kind($id), $handbook->trouble($id));
            }
        }

        return new self(
            handbook: $handbook,
            kinds: $kinds,
            questions: $handbook->questions(),
            scales: array_values($handbook->scales()->all()),
            rules: $handbook->chemistry(),
            doses: $handbook->doseModel(),
            bases: $handbook->bases(),
        );
    }
}
