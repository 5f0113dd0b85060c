<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Models\Household;
use GoodRinse\Core\Handbook\Handbook;

/** What the search finds beside procedures: questions, symptoms, agents. */
final readonly class HandbookSearch
{
    public function __construct(private Handbook $handbook, private SchoolsPage $schools, private SymptomsPage $symptoms)
    {
    }

    /**
     * @return list<array{sort: string, title: string, text: string, url: string}>
     */
    public function all(Household $household, bool $all): array
    {
        $found = [];
        foreach ($this->schools->for($household, $all)->questions as $question) {
            $found[] = [
                'sort' => (string) __('views/components/page/handbook-tabs.where_they_differ'),
                'title' => $question->question,
                'text' => $question->reason,
                'url' => route('handbook.schools')."#$question->id",
            ];
        }
        foreach ($this->symptoms->groups($household, $all) as $group) {
            foreach ($group['symptoms'] as $symptom) {
                $found[] = [
                    'sort' => "Symptom, {$group['name']}",
                    'title' => $symptom['name'],
                    'text' => implode(', ', array_column($symptom['causes'], 'name')),
                    'url' => route('handbook.symptoms')."#{$group['id']}",
                ];
            }
        }
        foreach ($this->handbook->chemistry()->agents as $agent) {
            $found[] = [
                'sort' => 'Agent',
                'title' => mb_strtoupper(mb_substr($agent->name, 0, 1)).mb_substr($agent->name, 1),
                'text' => (string) $agent->note,
                'url' => route('handbook.keep-apart'),
            ];
        }

        return $found;
    }
}
