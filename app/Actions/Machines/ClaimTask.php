<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * Says who of a household does a care task; spent once it is done.
 *
 * @phpstan-type Claims array<string, array{user: int, name: string, on: string}>
 */
final readonly class ClaimTask
{
    public function __construct(private ClockInterface $clock, private Handbook $handbook)
    {
    }

    /** @throws UnknownEntry for a task that the machine does not have */
    public function take(Machine $machine, User $by, string $task): void
    {
        $machine->kindIn($this->handbook)->task($task);
        $claim = [
            'user' => $by->id,
            'name' => $by->name,
            'on' => (string) Day::at($this->clock->now(), $by->home()->zone()),
        ];
        $this->change($machine, static fn (array $claims): array => [$task => $claim] + $claims);
    }

    public function release(Machine $machine, string $task): void
    {
        $this->change($machine, static fn (array $claims): array => array_diff_key($claims, [$task => true]));
    }

    /** @param \Closure(Claims): Claims $how */
    private function change(Machine $machine, \Closure $how): void
    {
        DB::transaction(static function () use ($machine, $how): void {
            $machine->refresh()->update(['claims' => $how($machine->claims ?? [])]);
        });
    }
}
