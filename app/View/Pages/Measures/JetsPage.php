<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Care\Measures\ArmReader;
use App\Care\Measures\ArmState;
use App\Care\Measures\MeasuredEntry;
use App\Care\Measures\MeasureReader;
use App\Models\Household;
use App\Models\Machine;
use App\Support\Scalar;
use App\View\Words\Dates;
use App\View\Words\FlowWords;
use GoodRinse\Core\Flow\ArmFinding;
use GoodRinse\Core\Flow\ArmMotion;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** The spray arms of a machine, with every jet, and how they were before. */
final readonly class JetsPage
{
    /** Maps before the newest that are shown. */
    private const EARLIER = 24;

    public function __construct(
        private ClockInterface $clock,
        private Handbook $handbook,
        private ArmReader $arms,
        private MeasureReader $measures,
        private ArmsScript $script,
    ) {
    }

    /** @param string|null $typed drawing that was sent and not taken */
    public function for(Machine $machine, Household $household, ?string $typed): JetsData
    {
        $maps = $this->measures->maps($machine);
        $current = $this->arms->current($machine, $maps);
        $shown = $this->script->shown($current);
        $earlier = array_map(
            fn (MeasuredEntry $map): EarlierMap => $this->earlier($machine, $household, $map),
            array_reverse(array_slice($maps, -self::EARLIER)),
        );

        return new JetsData(
            $household,
            $machine,
            $this->head($current, [] === $maps),
            $shown->views,
            $shown->script,
            $earlier,
            self::pair($earlier),
            $typed,
            ArmFinding::HELD === ArmFinding::motion(array_map(static fn (ArmState $arm): SprayArm => $arm->arm, $current)),
        );
    }

    /** @param list<ArmState> $arms */
    private function head(array $arms, bool $isNew): string
    {
        $words = new FlowWords($this->handbook);
        foreach ($isNew ? [] : $arms as $arm) {
            if (ArmMotion::Spins !== $arm->arm->motion) {
                return self::text('head_stands', ['arm' => mb_strtolower($arm->template->name)]);
            }
            $dull = $words->dull($arm->arm, $arm->rings)[0] ?? null;
            if (null !== $dull) {
                return self::text('head_dull', ['Share' => Str::ucfirst($dull[0]), 'ring' => $dull[1]]);
            }
        }
        $map = [] === $arms ? null : (new JetMap(array_map(static fn (ArmState $arm) => $arm->arm, $arms), [], JetMap::FOUND))->blocked();

        return match (true) {
            $isNew, null === $map => self::text('head_new'),
            0.0 === $map->value => self::text('head_all'),
            default => self::text('head_open', ['percent' => (string) (100 - $map->percent())]),
        };
    }

    /** @param MeasuredEntry<JetMap> $map */
    private function earlier(Machine $machine, Household $household, MeasuredEntry $map): EarlierMap
    {
        return new EarlierMap(
            $map->id,
            $map->at,
            $map->payload->means,
            Dates::day(Day::at($map->at, $household->zone()), Day::at($this->clock->now(), $household->zone())),
            self::text('was.'.$map->payload->means),
            $this->script->shown($this->arms->mapped($machine, $map->payload))->views,
        );
    }

    /**
     * The newest map after cleaning with the one as it was found before it.
     *
     * @param list<EarlierMap> $maps the newest first
     *
     * @return array{EarlierMap, EarlierMap}|null
     */
    private static function pair(array $maps): ?array
    {
        foreach ($maps as $i => $after) {
            $before = $maps[$i + 1] ?? null;
            if (JetMap::LEFT === $after->means && JetMap::FOUND === $before?->means) {
                return [$before, $after];
            }
        }

        return null;
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("measures.jets.$key", $values));
    }
}
