<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Machine\OwnVessel;
use GoodRinse\Core\Handbook\Machine\SprayArms;
use GoodRinse\Core\Handbook\Procedure\ProcedureBook;
use GoodRinse\Core\Handbook\Scale\Scales;

/**
 * Builds a machine kind from its checked data.
 *
 * @internal to this folder
 */
final readonly class KindReader
{
    /** Uses a day where a kind does not say, as in rounds begun before kinds did. */
    private const MOST_USES = 24.0;

    /**
     * @param Scales $scales what parts are compared with
     * @param array<string, string> $facts what conditions may ask for beside the traits, with what each stands at
     */
    public function __construct(private Scales $scales, private array $facts)
    {
    }

    public function read(Node $kind, Node $steps, Node $procedures): MachineKind
    {
        $defaults = self::defaults($kind, $this->facts);
        $listed = $procedures->byId();

        return new MachineKind(
            id: $kind->string('id'),
            name: $kind->string('name'),
            vessels: array_map(fn (Node $vessel): OwnVessel => $this->vessel($vessel, $defaults), $kind->at('vessels')->byId()),
            useUnit: $kind->at('uses')->string('unit'),
            useName: $kind->at('uses')->optional('one') ?? '',
            useHabit: $kind->at('uses')->optional('habit') ?? '',
            counterName: $kind->at('uses')->optional('counter') ?? '',
            litresTrait: $kind->at('uses')->optional('litres'),
            mostUsesPerDay: $kind->at('uses')->has('most') ? $kind->at('uses')->number('most') : self::MOST_USES,
            procedureNames: array_map(static fn (Node $procedure): string => $procedure->string('name'), $listed),
            procedures: new ProcedureBook($kind, $steps, $listed, $this->scales, $defaults),
            spray: new SprayArms($kind->at('spray'), $defaults),
            details: new KindDetails($kind, $defaults),
        );
    }

    /**
     * What the traits of a kind stand at where the machine does not say.
     *
     * @param array<string, string> $facts what else conditions may ask for
     *
     * @return array<string, string>
     */
    public static function defaults(Node $kind, array $facts): array
    {
        return $facts + array_map(self::default(...), $kind->at('traits')->byId());
    }

    /** What a trait stands at where the machine does not say. */
    public static function default(Node $trait): string
    {
        $default = $trait->has('number') ? $trait->at('number')->number('default') : $trait->string('default');

        return is_float($default) ? rtrim(rtrim(number_format($default, 2, '.', ''), '0'), '.') : $default;
    }

    /** @param array<string, string> $defaults */
    private function vessel(Node $node, array $defaults): OwnVessel
    {
        return new OwnVessel(
            $node->string('id'),
            $node->optional('name'),
            array_map(
                static fn (Node $wall): array => [$wall->condition('when', $defaults), $wall->string('surface')],
                $node->at('walls')->items(),
            ),
            $node->optional('ml'),
        );
    }
}
