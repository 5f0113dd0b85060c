<?php

declare(strict_types=1);

namespace App\View\Exchange;

use App\Exchange\HouseholdFile;
use App\Exchange\ImportPlan;
use App\Exchange\ImportPlanner;
use App\Models\Household;
use App\Models\User;

/** What a file would bring, before it does. */
final readonly class ImportPage
{
    private const COUNTED = ['machines', 'entries', 'rounds', 'traces', 'photos', 'documents', 'devices'];

    public function __construct(private ImportPlanner $planner)
    {
    }

    public function for(string $id, HouseholdFile $file, User $by): ImportData
    {
        $new = $this->planner->plan($file, $by, false);

        return new ImportData(
            id: $id,
            file: $file,
            plan: $new,
            merged: null === $new->into && null !== $by->household_id ? $this->planner->plan($file, $by, true) : null,
            target: null === $new->into ? null : Household::query()->findOrFail($new->into)->name,
            home: $by->household?->name,
            me: $file->exportedBy,
        );
    }

    /** @return array<string, int> how many of each there are, of what people know */
    public static function counts(ImportPlan $plan): array
    {
        return array_filter(array_intersect_key($plan->new, array_flip(self::COUNTED)));
    }
}
