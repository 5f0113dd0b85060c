<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\View\PageData;

/** What ProcedureListPage::for() hands to its view. */
final readonly class ProcedureListData extends PageData
{
    /**
     * @param list<array{title: string, machine: string|null, kind: string, lines: list<ProcedureLine>,
     *     not: array<string, string>}> $groups
     * @param list<array{sort: string, title: string, text: string, url: string}> $alsoFound
     */
    public function __construct(
        public bool $all,
        public array $groups,
        public string $query,
        public array $alsoFound,
        public int $count,
    ) {
    }
}
