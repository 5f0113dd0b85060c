<?php

declare(strict_types=1);

namespace App\Care\Gates;

use App\Care\Readers\OpenRounds;
use App\Care\Readers\VesselReader;
use App\Care\Words\OpenEndWords;
use App\Models\Household;
use App\Models\Round;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\Part;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\OpenEnds;
use GoodRinse\Core\Round\Progress;

/** Says what is not as it must be before a step runs the machine. */
final readonly class RunGate
{
    public function __construct(private Handbook $handbook, private OpenRounds $apart, private VesselReader $vessels)
    {
    }

    /** In words; null when nothing stands in the way. */
    public function trouble(Round $round, Step $step, Progress $progress, Household $household): ?string
    {
        if (!$step->runsTheMachine()) {
            return null;
        }
        $needed = array_keys(
            array_filter($round->machine->kindIn($this->handbook)->parts(), static fn (Part $part): bool => $part->needed),
        );
        $trouble = [];
        $open = new OpenEnds($progress);
        $here = $open->beforeRunning($step, $needed);
        if ([] !== $here) {
            $trouble[] = OpenEndWords::list($round, $here);
        }
        foreach ($this->apart->elsewhere($round->machine, $round) as [$other, $ends]) {
            $off = array_values(
                array_filter($ends, static fn (OpenEnd $end): bool => !$open->putsRight($end) && (
                    OpenEnd::PART_OFF !== $end->kind
                    || in_array($end->what, $needed, true)
                )),
            );
            if ([] !== $off) {
                $trouble[] = OpenEndWords::list($other, $off);
            }
        }
        array_push($trouble, ...$this->suds($round, $household));

        return [] === $trouble ? null : implode(', ', array_unique($trouble));
    }

    /** @return list<string> soap that is still in a vessel of the machine, where any cycle would make it foam */
    private function suds(Round $round, Household $household): array
    {
        $rules = $this->handbook->chemistry();
        $trouble = [];
        foreach ($this->vessels->residues($round->machine, $household) as $vessel => $residues) {
            foreach ($residues as $residue) {
                if ($rules->foams($residue->agent, $vessel)) {
                    $trouble[] = (string) __('rounds.open.suds', ['agent' => $rules->agent($residue->agent)->name]);
                }
            }
        }

        return $trouble;
    }
}
