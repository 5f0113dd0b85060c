<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Order;

use GoodRinse\Core\Handbook\Compiler\Node;

/**
 * While something soaks in a vessel, nothing else is poured into it and nobody empties it: a step that would comes before the
 * soak where it stands there already, and after its end otherwise.
 *
 * @internal to this folder
 */
final readonly class SoakOrder
{
    /** @param array<string, array<array-key, mixed>> $raw data of all steps of the kind, by id */
    public function __construct(private array $raw)
    {
    }

    /** @param list<string> $sorted the order as it would be without it */
    public function keep(StepGraph $graph, array $sorted): void
    {
        $ends = [];
        foreach ($sorted as $id) {
            $waits = $this->raw[$id]['waitsFor'] ?? null;
            if (is_string($waits)) {
                $ends[$waits] = $id;
            }
        }
        foreach ($sorted as $place => $soak) {
            $poured = isset($this->raw[$soak]['timer'], $ends[$soak]) ? $this->poured($soak) : [];
            foreach ([] === $poured ? [] : $sorted as $at => $other) {
                if ($other === $soak || $other === $ends[$soak] || !$this->disturbs($other, $poured) || !$this->mayMeet($soak, $other)) {
                    continue;
                }
                if ($at < $place || !$graph->put($ends[$soak], $other)) {
                    $graph->put($other, $soak);
                }
            }
        }
    }

    /**
     * @param array<string, list<string>> $poured agents by vessel
     */
    private function disturbs(string $id, array $poured): bool
    {
        $step = Node::of($this->raw[$id] ?? []);
        if ($step->has('clears') && isset($poured[$step->at('clears')->string('vessel')])) {
            return true;
        }
        foreach ($this->poured($id) as $vessel => $agents) {
            if (isset($poured[$vessel]) && [] !== array_diff($agents, $poured[$vessel])) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, list<string>> agents by vessel */
    private function poured(string $id): array
    {
        $poured = [];
        foreach (Node::of($this->raw[$id] ?? [])->at('amounts')->items() as $amount) {
            $poured[$amount->string('vessel')][] = $amount->string('agent');
        }

        return $poured;
    }

    /** Whether some machine has both, and some answers lead to both. */
    private function mayMeet(string $one, string $other): bool
    {
        $data = Node::of($this->raw[$one] ?? []);
        $with = Node::of($this->raw[$other] ?? []);
        foreach (['when', 'if'] as $key) {
            if (!$data->condition($key)->agreesWith($with->condition($key))) {
                return false;
            }
        }

        return true;
    }
}
