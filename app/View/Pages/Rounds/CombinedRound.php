<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\View\Words\Uses;
use GoodRinse\Core\Round\Estimate;

/** What comes of doing several procedures in one round. */
final readonly class CombinedRound
{
    /**
     * @param float $apart minutes of hands if they were done one by one
     * @param int $saved steps that are done once instead of again
     */
    public function __construct(public Estimate $estimate, private float $apart, private int $saved)
    {
    }

    /** Whole minutes. */
    public function hands(): int
    {
        return (int) ceil($this->estimate->hands->value);
    }

    /** Whole minutes. */
    public function apart(): int
    {
        return (int) ceil($this->apart);
    }

    /** What is done once instead of again, in a sentence. */
    public function sharing(): string
    {
        return trans_choice('rounds.sharing', $this->saved, ['count' => ucfirst(Uses::small($this->saved))]);
    }
}
