<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

/** A line of what care has cost, with a cell for each kind of cost. */
final readonly class CostLine
{
    /**
     * @param list<string> $cells empty where there is nothing
     * @param string $unpriced how many things nobody has said a price of; empty for none
     */
    public function __construct(public string $name, public array $cells, public string $sum, public string $unpriced)
    {
    }
}
