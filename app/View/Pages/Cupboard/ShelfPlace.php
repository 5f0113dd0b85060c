<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

/** A place where supplies are kept, with what stands on its shelves. */
final readonly class ShelfPlace
{
    /**
     * @param list<array{string, list<SupplyLine>}> $shelves from the highest to the lowest, each with what is said of it; empty
     *     for nothing
     * @param list<string> $notes on how to keep what is there
     */
    public function __construct(public string $name, public array $shelves, public array $notes)
    {
    }
}
