<?php

declare(strict_types=1);

namespace GoodRinse\Core\Dose;

use GoodRinse\Core\CoreException;

/** A dose or hardness that cannot be computed with. */
final class NoCapacity extends \DomainException implements CoreException
{
    public static function agent(string $agent): self
    {
        return new self(sprintf(
            '"%s" is not a vinegar or citric acid, so nobody can say how much lime it takes away.',
            mb_strimwidth($agent, 0, 40, '…'),
        ));
    }

    public static function unit(string $unit): self
    {
        return new self(sprintf('There is no unit of hardness "%s".', mb_strimwidth($unit, 0, 40, '…')));
    }
}
