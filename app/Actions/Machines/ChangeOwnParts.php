<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Rounds\RefreshRounds;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Apart\OwnPart;
use GoodRinse\Core\Apart\OwnParts;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Adds parts that the handbook does not know to a machine, and takes them away again. */
final readonly class ChangeOwnParts
{
    private const MOST = 12;

    public function __construct(private RefreshRounds $follow)
    {
    }

    /**
     * @param array<string, int> $pieces how many small pieces come off with it, by name
     *
     * @throws ActionRefused when there are too many already
     */
    public function add(Machine $machine, User $by, string $name, string $inTheWayOf, array $pieces, ?string $note): void
    {
        $this->change($machine, $by, static function (array $parts) use ($name, $inTheWayOf, $pieces, $note): array {
            if (count($parts) >= self::MOST) {
                throw ActionRefused::tooManyParts(self::MOST);
            }
            $base = OwnPart::PREFIX.(substr(Str::slug($name), 0, 20) ?: 'part');
            for ($id = $base, $i = 2; isset($parts[$id]); ++$i) {
                $id = "$base-$i";
            }

            return $parts + [$id => new OwnPart($id, $name, $inTheWayOf, $pieces, $note)];
        });
    }

    public function remove(Machine $machine, User $by, string $part): void
    {
        $this->change($machine, $by, static fn (array $parts): array => array_diff_key($parts, [$part => 0]));
    }

    /** @param \Closure(array<string, OwnPart>): array<string, OwnPart> $how */
    private function change(Machine $machine, User $by, \Closure $how): void
    {
        DB::transaction(function () use ($machine, $by, $how): void {
            $machine->refresh();
            $machine->update(['own_parts' => (new OwnParts($how($machine->ownParts()->parts)))->toArray()]);
            $this->follow->handle($machine, $by);
        });
    }
}
