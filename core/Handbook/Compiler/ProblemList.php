<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

use GoodRinse\Core\Handbook\Procedure\Condition;

/**
 * Gathers what is wrong with the handbook, each with its place.
 *
 * @internal to this folder
 */
final class ProblemList
{
    /** @var list<Problem> */
    private array $problems = [];

    /** @return list<Problem> */
    public function all(): array
    {
        return $this->problems;
    }

    public function add(string $file, string $pointer, string $problem): void
    {
        $this->problems[] = new Problem($file, $pointer, $problem);
    }

    /**
     * The ids of a list, each of which may stand there once.
     *
     * @return list<string>
     */
    public function ids(string $file, string $pointer, Node $list): array
    {
        $ids = [];
        foreach ($list->items() as $i => $item) {
            if (in_array($item->string('id'), $ids, true)) {
                $this->add($file, "$pointer/$i/id", sprintf('"%s" is there twice', $item->string('id')));
            }
            $ids[] = $item->string('id');
        }

        return $ids;
    }

    /**
     * @param array<string|null> $named null stands for nothing named
     * @param list<string> $existing
     */
    public function known(string $file, string $pointer, string $sort, array $named, array $existing): void
    {
        foreach (array_diff(array_filter($named), $existing) as $unknown) {
            $this->add($file, $pointer, sprintf('there is no %s "%s"', $sort, $unknown));
        }
    }

    /** @param array<string, list<string>> $possible */
    public function condition(string $file, string $pointer, Condition $condition, array $possible): void
    {
        foreach ($condition->sets as $name => $values) {
            if (!isset($possible[$name])) {
                $this->add($file, $pointer, sprintf('nothing is called "%s"', $name));
            } else {
                $this->known($file, "$pointer/$name", 'answer', $values, $possible[$name]);
            }
        }
    }

    /**
     * That every {word} in the sentences is one that can be filled in.
     *
     * @param array<array-key, mixed> $data
     * @param list<string> $words
     */
    public function words(string $file, string $pointer, array $data, array $words): void
    {
        foreach ($data as $key => $value) {
            if (is_array($value)) {
                $this->words($file, "$pointer/$key", $value, $words);
            } elseif (is_string($value) && preg_match_all('/\{([^}]*)\}/', $value, $found) > 0) {
                $this->known($file, "$pointer/$key", 'trait to fill in for', $found[1], $words);
            }
        }
    }
}
