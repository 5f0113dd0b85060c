<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\MachineCare;
use App\Care\RoundComposer;
use App\Models\Household;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Order\OrderConflict;

/** Reads what a procedure pours on a machine as it stands, with what is expected to be found. */
final readonly class DoseReader
{
    public function __construct(private RoundComposer $composer)
    {
    }

    /**
     * @param array<string, Supply> $supplies
     *
     * @return array<string, float> amounts in the supplies' units, by supply
     */
    public function of(MachineCare $care, string $procedure, Household $household, array $supplies): array
    {
        try {
            $expected = $this->composer->expected($care, $household, [$procedure]);
        } catch (OrderConflict) {
            return [];
        }
        $doses = [];
        foreach ($expected->procedure->steps ?? [] as $step) {
            foreach ($step->if->holds($expected->answers ?? []) ? $step->amounts : [] as $amount) {
                $taken = ($supplies[$amount->agent] ?? null)?->inUnit($amount->portion) ?? 0.0;
                if ($taken > 0) {
                    $doses[$amount->agent] = ($doses[$amount->agent] ?? 0.0) + $taken;
                }
            }
        }

        return $doses;
    }
}
