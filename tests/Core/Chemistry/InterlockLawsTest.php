<?php

declare(strict_types=1);

namespace Tests\Core\Chemistry;

use GoodRinse\Core\Chemistry\Chart;
use GoodRinse\Core\Chemistry\Verdict;
use Tests\Core\CoreTestCase;

/** What holds of every verdict. */
final class InterlockLawsTest extends CoreTestCase
{
    use EveryAgent;

    public function test_a_pair_says_the_same_whichever_was_there_first(): void
    {
        foreach (self::agents() as $one) {
            foreach (self::agents() as $other) {
                self::assertSame(self::verdict($one, [$other]), self::verdict($other, [$one]), "$one and $other");
            }
        }
    }

    public function test_the_worst_verdict_wins(): void
    {
        $agents = self::agents();
        foreach ($agents as $proposed) {
            foreach ($agents as $i => $first) {
                $second = $agents[($i * 7 + 3) % count($agents)];
                $worst = max(
                    self::verdict($proposed, [$first])->severity(),
                    self::verdict($proposed, [$second])->severity(),
                    self::verdict($proposed, [], ['plastic'])->severity(),
                );
                self::assertSame(
                    $worst,
                    self::verdict($proposed, [$first, $second], ['plastic'])->severity(),
                    "$proposed onto $first and $second",
                );
            }
        }
    }

    /** What forbids it anyway, steel or a house rule, must not hide that it would make a gas there. */
    public function test_a_danger_with_what_is_there_is_named_whatever_else_forbids_it(): void
    {
        $rules = self::handbook()->chemistry();
        $both = 0;
        foreach (self::agents() as $agent) {
            foreach (self::agents() as $there) {
                if (!$rules->isDanger($agent, $there)) {
                    continue;
                }
                $alone = self::assessment($agent, [$there])->reason;
                foreach (array_keys($rules->surfaces) as $surface) {
                    foreach ([true, false] as $allowsHarsh) {
                        $found = self::assessment($agent, [$there], [$surface], $allowsHarsh);
                        self::assertTrue($found->verdict->refuses());
                        self::assertStringContainsString($alone, $found->reason, "$agent onto $there on $surface");
                        $both += Verdict::Never === $found->verdict ? 1 : 0;
                    }
                }
            }
        }
        self::assertGreaterThan(20, $both);
    }

    public function test_an_unknown_agent_is_never_go_next_to_a_residue(): void
    {
        foreach (self::agents() as $there) {
            self::assertNotSame(Verdict::Go, self::verdict(self::STRANGER, [$there]), $there);
        }
        self::assertSame(Verdict::ClearFirst, self::verdict(self::STRANGER, ['ammonia']));
        self::assertSame(Verdict::Go, self::verdict(self::STRANGER));
    }

    /**
     * Every sequence of four pours and clearings over all agents: a vessel that ends up with a danger pair in
     * it got there by a pour that was refused.
     */
    public function test_no_sequence_of_four_actions_reaches_a_danger_that_was_not_refused(): void
    {
        $rules = self::handbook()->chemistry();
        $agents = self::agents();
        $states = ['' => []];
        $seen = $refusals = 0;
        for ($depth = 1; $depth <= 4; ++$depth) {
            $next = ['' => []]; // clearing leads here from anywhere
            foreach ($states as $residues) {
                foreach ($agents as $agent) {
                    ++$seen;
                    $refused = self::verdict($agent, $residues)->refuses();
                    $danger = [] !== array_filter($residues, static fn (string $there): bool => $rules->isDanger($agent, $there));
                    self::assertFalse($danger && !$refused, "$agent onto ".implode(', ', $residues));
                    $refusals += $refused ? 1 : 0;
                    if (!$refused) { // a person who heeds the refusal; the state is a set
                        $after = array_values(array_unique([...$residues, $agent]));
                        sort($after);
                        $next[implode(' ', $after)] = $after;
                    }
                }
            }
            $states = $next + $states;
        }
        foreach ($states as $residues) {
            foreach ($residues as $one) {
                foreach ($residues as $other) {
                    self::assertFalse($one !== $other && $rules->isDanger($one, $other), "$one and $other came together unrefused");
                }
            }
        }
        self::assertGreaterThan(10_000, $seen);
        self::assertGreaterThan(1_000, $refusals);
    }

    public function test_the_chart_says_for_each_agent_what_the_interlock_says(): void
    {
        foreach ([true, false] as $harsh) {
            $chart = new Chart(self::handbook()->chemistry(), $harsh);
            foreach ($chart->groups as $poured) {
                foreach ($poured->agents as $agent) {
                    foreach ($chart->groups as $there) {
                        self::assertSame(
                            $chart->meeting($poured, $there)->verdict,
                            self::verdict($agent->id, [$there->agents[count($there->agents) - 1]->id]),
                            "$agent->id in its group",
                        );
                    }
                    foreach (array_keys(self::handbook()->chemistry()->surfaces) as $surface) {
                        self::assertSame($chart->touching($poured, $surface)->verdict, self::verdict($agent->id, [], [$surface]));
                    }
                }
            }
            self::assertSame(
                count(self::handbook()->chemistry()->agents),
                array_sum(array_map(static fn ($group): int => count($group->agents), $chart->groups)),
            );
        }
    }
}
