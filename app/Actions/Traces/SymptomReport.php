<?php

declare(strict_types=1);

namespace App\Actions\Traces;

use GoodRinse\Core\Quantity\Day;

/** What somebody says is wrong with a machine. */
final readonly class SymptomReport
{
    /**
     * @param list<string> $symptoms ids
     * @param Day $since day it was first noticed
     * @param string $badly bearable, annoying or unusable
     * @param string|null $display what its display or lights show, as it stands there
     * @param string|null $task care task that it points to, which makes that due; asked about once it is done
     */
    public function __construct(
        public array $symptoms,
        public Day $since,
        public ?string $where = null,
        public string $badly = 'annoying',
        public ?string $display = null,
        public ?string $task = null,
    ) {
    }
}
