<?php

declare(strict_types=1);

namespace App\View\Components\Page;

use App\Models\Machine;
use Illuminate\View\Component;

/** The household's machines to choose from; where there are many, those beyond the first lie folded. */
final class MachineNav extends Component
{
    /** From this many on, some lie folded. */
    private const MANY = 10;
    private const SHOWN = 7;

    /** @var list<Machine> */
    public readonly array $open;

    /** @var list<Machine> */
    public readonly array $folded;

    /**
     * @param iterable<Machine> $machines
     * @param string|null $current id of the one that is shown
     * @param \Closure(Machine): string $url where each leads
     */
    public function __construct(iterable $machines, public readonly ?string $current, public readonly \Closure $url)
    {
        $all = [...$machines];
        $many = count($all) >= self::MANY;
        if ($many) {
            usort($all, static fn (Machine $a, Machine $b): int => ($b->id === $current) <=> ($a->id === $current));
        }
        $this->open = $many ? array_slice($all, 0, self::SHOWN) : array_values($all);
        $this->folded = $many ? array_slice($all, self::SHOWN) : [];
    }

    public function render(): string
    {
        return 'components.page.machine-nav';
    }
}
