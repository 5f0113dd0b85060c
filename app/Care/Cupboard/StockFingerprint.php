<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Models\Household;
use App\Support\Scalar;
use Illuminate\Support\Facades\DB;

/** Changes with everything that is written about a household's cupboard, and with how it keeps its supplies. */
final readonly class StockFingerprint
{
    public function of(Household $household): string
    {
        $newest = [];
        foreach (StockEntries::KINDS as $kinds) {
            $newest[] = Scalar::text(DB::table('entries')->where('household_id', $household->id)->whereRaw($kinds)->orderByDesc('seq')
                ->value('id'));
        }
        $kept = DB::table('supplies')->where('household_id', $household->id);

        return implode(' ', [...$newest, (string) $kept->count(), Scalar::text($kept->max('updated_at'))]);
    }
}
