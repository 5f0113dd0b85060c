<?php

declare(strict_types=1);

namespace App\Console\Calc;

/** A calculation of the core that `php artisan calc` offers. */
interface Model
{
    /**
     * @return array<string, mixed> the output document
     *
     * @throws BadInput
     */
    public function calculate(Json $input): array;
}
