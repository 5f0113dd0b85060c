<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Chemistry\Assessment;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureBinding;

/** A set of procedures as it is done on one machine in one household. */
final readonly class ComposedProcedure
{
    /**
     * @param Procedure|null $procedure null when it is not for this machine
     * @param ProcedureBinding $binding with which the handbook gives the round its script
     * @param array<string, Assessment> $leftOut why a step is not done, by its id
     * @param Assessment|null $refused why the whole procedure is not for this machine, where keep-apart decides
     */
    public function __construct(
        public ?Procedure $procedure,
        public ProcedureBinding $binding,
        public array $leftOut,
        public ?Assessment $refused,
    ) {
    }
}
