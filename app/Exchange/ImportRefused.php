<?php

declare(strict_types=1);

namespace App\Exchange;

use GoodRinse\Core\Refusal;

/** A file that cannot be brought in; the message names the place. Nothing was changed. */
final class ImportRefused extends \DomainException implements Refusal
{
    public static function at(string $place, string $why): self
    {
        return new self((string) __('exchange.refused.at', ['place' => $place, 'why' => __("exchange.wrong.$why")]));
    }

    /** @param array<string, string|int> $with */
    public static function because(string $why, array $with = []): self
    {
        return new self((string) __("exchange.refused.$why", $with));
    }
}
