<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/**
 * Makes one procedure of several: what they share is done once, and everything goes back in one go.
 *
 * @internal to this folder
 */
final readonly class Together
{
    /** Stands between the ids of procedures that are done together. */
    public const AND = '+';

    /**
     * @param string              $id         ids joined by AND
     * @param array<string, Node> $procedures by id
     * @param array<string, Node> $steps      by id
     * @param list<string>        $order      ids in the order they are best done in
     *
     * @return Node|null null when one is unknown, or stands alone
     */
    public static function procedure(string $id, array $procedures, array $steps, array $order): ?Node
    {
        $ids = self::ordered(array_unique(explode(self::AND, $id)), $order);
        $nodes = [];
        foreach ($ids as $each) {
            if (!isset($procedures[$each]) || (count($ids) > 1 && $procedures[$each]->flag('alone'))) {
                return null;
            }
            $nodes[] = $procedures[$each];
        }
        if (count($nodes) < 2) {
            return null;
        }
        $order = new StepOrder(array_map(static fn (Node $step): array => $step->raw(), $steps));
        $all = static fn (string $key): array => array_values(array_unique(array_merge(...array_map(static fn (Node $node): array => $node->at($key)->strings(), $nodes))));
        $names = array_map(static fn (Node $node): string => $node->string('name'), $nodes);

        return Node::of([
            'id' => $id,
            'name' => implode(' + ', $names),
            'does' => implode(' ', array_map(static fn (Node $node): string => $node->string('does'), $nodes)),
            'steps' => $order->resolve($order->together(array_map(static fn (Node $node): array => $node->at('written')->strings(), $nodes))),
            'ends' => $all('ends'),
            'essential' => $all('essential'),
            'runs' => $ids,
            'when' => array_merge(...array_map(static fn (Node $node): array => $node->at('when')->raw(), $nodes)),
        ]);
    }

    /**
     * @param array<string> $ids
     * @param list<string>  $order
     *
     * @return list<string>
     */
    private static function ordered(array $ids, array $order): array
    {
        usort($ids, static fn (string $a, string $b): int => self::place($a, $order) <=> self::place($b, $order));

        return $ids;
    }

    /** @param list<string> $order */
    private static function place(string $id, array $order): int
    {
        $place = array_search($id, $order, true);

        return is_int($place) ? $place : count($order);
    }
}
