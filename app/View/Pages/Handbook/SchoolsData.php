<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\View\PageData;
use GoodRinse\Core\Handbook\Care\Question;

/** What SchoolsPage::for() hands to its view. */
final readonly class SchoolsData extends PageData
{
    /**
     * @param list<Question> $questions
     * @param array<string, string> $kinds
     * @param array<string, array{string, string}> $procedureNames
     * @param list<array{kind: string, task: string,
     *     schools: list<array{name: string, note: string, ours: bool}>}> $rhythms
     */
    public function __construct(
        public bool $all,
        public array $questions,
        public array $kinds,
        public array $procedureNames,
        public array $rhythms,
    ) {
    }
}
