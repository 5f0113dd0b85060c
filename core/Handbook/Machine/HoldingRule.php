<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Machine;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Procedure\Condition;

/**
 * How machines of certain traits hold a part, as the handbook has it.
 *
 * @internal to this folder
 */
final readonly class HoldingRule
{
    public function __construct(private Node $node, private Condition $when)
    {
    }

    /** @param array<string, string> $traits */
    public function holds(array $traits): bool
    {
        return $this->when->holds($traits);
    }

    /** @param array<string, string> $words what stands for {trait} */
    public function holding(array $words): Holding
    {
        $say = static fn (?string $text): ?string => null === $text ? null : strtr($text, $words);

        return new Holding(
            $this->node->string('by'),
            array_values(array_filter(array_map(static fn (Node $piece): Piece => new Piece(
                id: $piece->string('id'),
                name: $piece->string('name'),
                count: (int) strtr((string) $piece->scalar('count'), $words),
                bit: $say($piece->optional('bit')),
                size: $piece->optional('size'),
                where: $piece->optional('where'),
                tool: $piece->optional('tool'),
                countTrait: self::traitIn((string) $piece->scalar('count')),
                bitTrait: self::traitIn($piece->optional('bit') ?? ''),
            ), $this->node->at('pieces')->items()), static fn (Piece $piece): bool => $piece->count > 0)),
            $this->node->at('loose')->strings(),
            $this->node->optional('way'),
            $this->node->at('cautions')->strings(),
        );
    }

    /** The trait that a word in braces, and nothing else, stands for. */
    private static function traitIn(string $word): ?string
    {
        return 1 === preg_match('/^\{(\w+)\}$/', $word, $named) ? $named[1] : null;
    }
}
