<?php

declare(strict_types=1);

namespace App\View\Errors;

/** One message of the summary; `target` is the id of the message beside its field, null where no field shows it. */
final readonly class SummaryLine
{
    public function __construct(public string $text, public ?string $target)
    {
    }
}
