<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\View\PageData;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Machine\Habit;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\Day;

/** What is asked of a machine that is added. */
final readonly class NewMachineData extends PageData
{
    /**
     * @param string $name proposed
     * @param list<Option> $feels how hard the water may feel; empty where that is known or does not matter
     */
    public function __construct(public MachineKind $kind, public string $name, public array $feels, public Day $today)
    {
    }

    /** "Three questions". */
    public function questions(): string
    {
        $count = count(array_filter($this->kind->traits(), static fn (MachineTrait $trait): bool => !$trait->later))
            + count(array_filter($this->kind->habits(), static fn (Habit $habit): bool => $habit->drawn))
            + ([] === $this->feels ? 0 : 1);

        return trans_choice('machines.questions', $count, ['count' => ucfirst(Uses::small($count))]);
    }

    /** Whether some questions are left to the rounds that show the answer. */
    public function leavesSome(): bool
    {
        return [] !== array_filter($this->kind->traits(), static fn (MachineTrait $trait): bool => $trait->later);
    }
}
