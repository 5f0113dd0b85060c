<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Care\Cupboard\Shortage;
use App\Care\Cupboard\ShortageReader;
use App\Care\MachineCare;
use App\Models\Household;
use App\Support\Scalar;
use GoodRinse\Core\Handbook\Chemistry\SupplyKind;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;
use Illuminate\Support\Str;

/** Says for which job something is missing, and what else would do. */
final readonly class ShortageWords
{
    public function __construct(private Handbook $handbook, private ShortageReader $reader)
    {
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return list<string> the soonest first
     */
    public function sentences(Household $household, array $machines, Day $today): array
    {
        return array_map(
            fn (Shortage $shortage): string => $this->sentence($shortage, $household, $today),
            $this->reader->of($household, $machines),
        );
    }

    private function sentence(Shortage $shortage, Household $household, Day $today): string
    {
        $run = $shortage->run;
        $amount = static fn (float $much): string => Amounts::of(Portion::of($much, $shortage->supply->unit), $household->measures);
        $key = match (true) {
            SupplyKind::Tool === $shortage->supply->kind => 'tool',
            SupplyKind::Part === $shortage->supply->kind => 'fitted',
            $run->left <= 0.0 => 'none',
            default => 'short',
        };
        $sentences = [self::text($key, [
            'job' => Str::lcfirst($run->job),
            'day' => Dates::short($today->plus($run->day), $today),
            'supply' => $shortage->name,
            'need' => $amount($run->need),
            'there' => $amount($run->left),
        ])];
        foreach (array_slice($shortage->instead, 0, 1, true) as $agent => [$portion, $isThere]) {
            $sentences[] = self::text($isThere ? 'instead_there' : 'instead', [
                'portion' => $portion->inKitchen($household->measures),
                'agent' => $this->handbook->agent($agent)->name,
            ]);
        }

        return implode(' ', [...$sentences, ...($shortage->isListed ? [self::text('listed')] : [])]);
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("places/cupboard.today.$key", $values));
    }
}
