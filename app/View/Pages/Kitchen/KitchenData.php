<?php

declare(strict_types=1);

namespace App\View\Pages\Kitchen;

use App\Models\Machine;
use App\View\PageData;

/** The household's machines in the places where they stand, each with what is due first and what is wrong. */
final readonly class KitchenData extends PageData
{
    /**
     * @param list<KitchenRoom> $rooms the fullest first
     * @param list<array{Machine, string}> $aside those that have left the kitchen, and how, the latest first
     */
    public function __construct(public array $rooms, public array $aside, public string $headline)
    {
    }
}
