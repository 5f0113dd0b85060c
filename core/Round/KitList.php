<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Apart\TakeApartSheet;
use GoodRinse\Core\Handbook\Procedure;
use GoodRinse\Core\Handbook\Step;
use GoodRinse\Core\Quantity\Portion;

/** What must be within reach before a procedure starts, gathered from its steps and from how the parts are held. */
final readonly class KitList
{
    /** What small things are put in. */
    private const DISH = 'dish';

    /**
     * @param list<string>           $tools  kit ids, in the order they are needed
     * @param array<string, Portion> $agents how much of each agent, by id
     * @param list<KitItem>          $items  the tools, with what each is for
     */
    private function __construct(public array $tools, public array $agents, public array $items)
    {
    }

    /**
     * @param array<string, string> $answers expected, by capture id
     * @param TakeApartSheet|null   $sheet   of the machine
     */
    public static function of(Procedure $procedure, array $answers, ?TakeApartSheet $sheet = null): self
    {
        $tools = $agents = [];
        foreach ($procedure->steps as $step) {
            if ($step->if->holds($answers)) {
                foreach (self::held($step, $sheet) as $tool => $for) {
                    $tools[$tool] = [...$tools[$tool] ?? [], ...$for];
                }
                $tools += array_fill_keys($step->tools, []);
                foreach ($step->amounts as $amount) {
                    $agents[$amount->agent] = isset($agents[$amount->agent]) ? $agents[$amount->agent]->plus($amount->portion) : $amount->portion;
                }
            }
        }

        return new self(array_keys($tools), $agents, array_map(static fn (string $id, array $for): KitItem => new KitItem($id, array_values(array_unique($for))), array_keys($tools), $tools));
    }

    /**
     * The tools that what holds a part asks for, with what each is for.
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

        return $tools;
    }
}
