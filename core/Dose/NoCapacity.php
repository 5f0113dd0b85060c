<?php

declare(strict_types=1);

namespace GoodRinse\Core\Dose;

use GoodRinse\Core\FillsSentence;
use GoodRinse\Core\SentenceRefusal;

/** A dose or hardness that cannot be computed with. */
final class NoCapacity extends \DomainException implements SentenceRefusal
{
    use FillsSentence;

    public static function agent(string $agent): self
    {
        return self::filled(
            '":agent" is not a vinegar or citric acid, so nobody can say how much lime it takes away.',
            ['agent' => mb_strimwidth($agent, 0, 40, '…')],
        );
    }

    public static function unit(string $unit): self
    {
        return self::filled('There is no unit of hardness ":unit".', ['unit' => mb_strimwidth($unit, 0, 40, '…')]);
    }
}
