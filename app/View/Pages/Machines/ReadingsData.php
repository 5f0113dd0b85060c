<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Device\ReadingsFile;
use GoodRinse\Core\Handbook\MachineKind;

/** What ReadingsPage::for() hands to its view. */
final readonly class ReadingsData extends PageData
{
    /**
     * @param array<int, string> $bad
     * @param array<int, array{\DateTimeImmutable, float}> $first
     * @param list<array{string, array{string, string}}|array{string, array{string, string}}> $asks
     * @param array{marks?: string, order?: string} $told
     */
    public function __construct(
        public Machine $machine,
        public MachineKind $kind,
        public Household $household,
        public ReadingsFile $file,
        public array $bad,
        public array $first,
        public int $more,
        public string $table,
        public bool $replaced,
        public string $id,
        public array $asks,
        public array $told,
    ) {
    }
}
