<?php

declare(strict_types=1);

namespace App\View\Components\Round;

use App\Care\Words\KitWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Measures;
use GoodRinse\Core\Round\Kit\KitAgent;
use GoodRinse\Core\Round\Kit\KitList;
use GoodRinse\Core\Round\Tick;
use Illuminate\View\Component;

/** What to get before anything else, to be ticked off. */
final class Kit extends Component
{
    /** @var list<string> ids of what is at hand */
    private readonly array $have;

    public function __construct(
        public readonly KitList $kit,
        public readonly Handbook $handbook,
        private readonly Measures $measures,
        ?Tick $answered,
    ) {
        $all = [
            ...array_column($kit->items, 'id'),
            ...array_map(static fn (KitAgent $agent): string => "agent:$agent->id", $kit->agents),
        ];
        $have = old('have', null === $answered ? [] : array_diff($all, $answered->details->missing));
        $this->have = array_values(array_filter((array) $have, is_string(...)));
    }

    public function isHere(string $id): bool
    {
        return in_array($id, $this->have, true);
    }

    /** "250 ml": what it needs in any case, else the most that it may need. */
    public function amount(KitAgent $agent): string
    {
        return ($agent->sure ?? $agent->most)->inKitchen($this->measures);
    }

    /** Why it, or more of it, is needed only perhaps; empty where it is sure. */
    public function condition(KitAgent $agent): string
    {
        return match (true) {
            null === $agent->if => '',
            null === $agent->sure => KitWords::why($agent->if),
            default => (string) __(
                'rounds.kit_upto',
                ['amount' => $agent->most->inKitchen($this->measures), 'why' => KitWords::why($agent->if)],
            ),
        };
    }

    public function render(): string
    {
        return 'components.round.kit';
    }
}
