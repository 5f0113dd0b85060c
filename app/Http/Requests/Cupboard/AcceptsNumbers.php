<?php

declare(strict_types=1);

namespace App\Http\Requests\Cupboard;

use App\Support\NumberText;

/** A request with numbers as people write them, with a comma or a point. */
trait AcceptsNumbers
{
    /** @param string ...$fields that hold a number */
    private function readNumbers(string ...$fields): void
    {
        foreach ($fields as $field) {
            $given = $this->input($field);
            if (is_string($given)) {
                $this->merge([$field => NumberText::normal($given)]);
            }
        }
    }
}
