<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Kit;

use GoodRinse\Core\Apart\TakeApartSheet;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Condition;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;

/**
 * What must be within reach before a round starts: everything that any way the round can still go asks for, told apart
 * by whether it is needed for sure.
 */
final readonly class KitList
{
    /** What small things are put in. */
    private const DISH = 'dish';

    /**
     * @param list<KitItem> $items in the order they are needed
     * @param list<KitAgent> $agents in the order they are needed
     */
    private function __construct(public array $items, public array $agents)
    {
    }

    /**
     * @param array<string, string> $answers given already, by capture id
     * @param TakeApartSheet|null $sheet of the machine
     */
    public static function of(Procedure $procedure, array $answers, ?TakeApartSheet $sheet = null): self
    {
        $captures = self::captures($procedure);
        $items = $pours = [];
        foreach ($procedure->steps as $step) {
            if (!self::mayComeUp($step, $answers, $captures, [])) {
                continue;
            }
            $if = self::reason($step, $answers, $captures);
            foreach (self::held($step, $sheet) as $tool => $for) {
                $known = $items[$tool] ?? null;
                $items[$tool] = new KitItem(
                    $tool,
                    array_values(array_unique([...$known->for ?? [], ...$for])),
                    null === $known ? $if : KitReason::either($known->if, $if),
                );
            }
            foreach ($step->amounts as $amount) {
                $pours[$amount->agent][] = new KitPour($amount->portion, self::branch($step, $answers, $captures), $if);
            }
        }

        return new self(
            array_values($items),
            array_map(KitAgent::of(...), array_keys($pours), array_values($pours)),
        );
    }

    /** The same without what comes from the tap. */
    public function fetched(Handbook $handbook): self
    {
        return new self($this->items, array_values(array_filter(
            $this->agents,
            static fn (KitAgent $agent): bool => !$handbook->agent($agent->id)->noTrace,
        )));
    }

    /** @return list<string> ids of the tools */
    public function tools(): array
    {
        return array_map(static fn (KitItem $item): string => $item->id, $this->items);
    }

    /**
     * The answers that lead to a step: its own condition, and those of the questions that it hangs on where only one
     * step asks them.
     *
     * @param array<string, string> $answers
     * @param array<string, list<array{Step, Capture}>> $captures
     */
    private static function branch(Step $step, array $answers, array $captures): Condition
    {
        $sets = [];
        $steps = [$step];
        while (null !== $next = array_pop($steps)) {
            foreach (array_diff_key($next->if->sets, $answers) as $name => $allowed) {
                $known = $sets[$name] ?? null;
                $sets[$name] = null === $known ? $allowed : array_values(array_intersect($known, $allowed));
                if (null === $known && 1 === count($captures[$name] ?? [])) {
                    $steps[] = $captures[$name][0][0];
                }
            }
        }

        return new Condition($sets);
    }

    /** @return array<string, list<array{Step, Capture}>> the steps that ask each question */
    private static function captures(Procedure $procedure): array
    {
        $captures = [];
        foreach ($procedure->steps as $step) {
            foreach (array_filter([$step->capture, $step->capture?->also]) as $capture) {
                $captures[$capture->id][] = [$step, $capture];
            }
        }

        return $captures;
    }

    /**
     * Whether some answers lead to a step.
     *
     * @param array<string, string> $answers
     * @param array<string, list<array{Step, Capture}>> $captures
     * @param list<string> $within questions being looked at
     */
    private static function mayComeUp(Step $step, array $answers, array $captures, array $within): bool
    {
        foreach ($step->if->sets as $name => $allowed) {
            if (isset($answers[$name]) ? !in_array($answers[$name], $allowed, true) : !self::mayBeAnswered(
                $name,
                $allowed,
                $answers,
                $captures,
                $within,
            )) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<string> $allowed
     * @param array<string, string> $answers
     * @param array<string, list<array{Step, Capture}>> $captures
     * @param list<string> $within
     */
    private static function mayBeAnswered(string $name, array $allowed, array $answers, array $captures, array $within): bool
    {
        foreach (in_array($name, $within, true) ? [] : $captures[$name] ?? [] as [$step, $capture]) {
            $options = array_map(static fn ($option): string => $option->id, $capture->options);
            if ([] !== array_intersect($allowed, $options) && self::mayComeUp($step, $answers, $captures, [...$within, $name])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<string, string> $answers
     * @param array<string, list<array{Step, Capture}>> $captures
     *
     * @return KitReason|null null when the step comes up for sure
     */
    private static function reason(Step $step, array $answers, array $captures): ?KitReason
    {
        $dirt = null;
        foreach ($step->if->sets as $name => $allowed) {
            if (isset($answers[$name])) {
                continue;
            }
            $capture = ($captures[$name] ?? [])[0][1] ?? null;
            $names = array_map(
                static fn ($option): string => $option->name,
                array_filter($capture->options ?? [], static fn ($option): bool => in_array($option->id, $allowed, true)),
            );
            if (null === $capture || CaptureKind::Grade === $capture->kind || [] === $names) {
                $dirt = new KitReason(true, []); // what is picked says more than how dirty it is
            } else {
                return new KitReason(false, array_values($names));
            }
        }

        return $dirt;
    }

    /**
     * The tools of a step and those that what holds its part asks for, with what each is for.
     *
     * @return array<string, list<string>>
     */
    private static function held(Step $step, ?TakeApartSheet $sheet): array
    {
        $holding = null === $step->takesOff ? null : $sheet?->line($step->takesOff)?->holding;
        $tools = [];
        foreach ($holding->pieces ?? [] as $piece) {
            if (null !== $piece->tool) {
                $tools[$piece->tool][] = $piece->counted();
            }
        }
        if (true === $holding?->hasSmallThings()) {
            $tools[self::DISH] = [];
        }

        return $tools + array_fill_keys($step->tools, []);
    }
}
