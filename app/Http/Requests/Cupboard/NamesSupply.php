<?php

declare(strict_types=1);

namespace App\Http\Requests\Cupboard;

use App\Care\Cupboard\SupplyCatalog;
use App\Models\User;

/** A request about a supply that the household has or can have. */
trait NamesSupply
{
    /** Nothing of another household, and no part that no machine here has. */
    private function isKept(string $attribute, mixed $value, \Closure $fail): void
    {
        $person = $this->user();
        if (!$person instanceof User || !is_string($value) || null === app(SupplyCatalog::class)->find($person->home(), $value)) {
            $fail((string) __('places/cupboard.unknown_supply'));
        }
    }
}
