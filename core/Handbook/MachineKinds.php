<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Own\OwnTaskData;
use GoodRinse\Core\Handbook\Own\OwnTasks;
use GoodRinse\Core\Handbook\Scale\Scales;

/**
 * The machine kinds of the handbook, each read when it is first asked for, with or without what a household has added.
 *
 * @internal to this folder
 */
final class MachineKinds
{
    /** @var array<string, MachineKind> by id, and by what was added */
    private array $kinds = [];

    /** @var array<string, Node>|null by id */
    private ?array $nodes = null;

    /**
     * @param Node $root the whole handbook
     * @param array<string, string> $facts what conditions may ask for beside the traits, with what each stands at
     */
    public function __construct(private readonly Node $root, private readonly Scales $scales, private readonly array $facts)
    {
    }

    /** @return array<string, string> names of the kinds, by id */
    public function names(): array
    {
        return array_map(static fn (Node $kind): string => $kind->at('kind')->string('name'), $this->nodes());
    }

    /** @throws UnknownEntry */
    public function kind(string $id, OwnTasks $own): MachineKind
    {
        $key = $own->isEmpty() ? $id : $id.' '.md5(serialize($own));
        if (!isset($this->kinds[$key])) {
            $node = $this->node($id, $own);
            $this->kinds[$key] = (new KindReader($this->scales, $this->facts))->read(
                $node->at('kind'),
                $node->at('steps'),
                $node->at('procedures'),
            );
        }

        return $this->kinds[$key];
    }

    /**
     * Data of a kind.
     *
     * @throws UnknownEntry
     */
    public function node(string $id, OwnTasks $own = new OwnTasks()): Node
    {
        $node = $this->nodes()[$id] ?? throw UnknownEntry::named('machine kind', $id);

        return $own->isEmpty() ? $node : (new OwnTaskData($this->root->at('own-tasks')))->addTo($node, $own);
    }

    /** @return array<string, Node> */
    private function nodes(): array
    {
        if (null === $this->nodes) {
            $this->nodes = [];
            foreach ($this->root->at('kinds')->items() as $kind) {
                $this->nodes[$kind->at('kind')->string('id')] = $kind;
            }
        }

        return $this->nodes;
    }
}
