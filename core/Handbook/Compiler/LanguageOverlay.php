<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

/**
 * Lays the sentences of another language over a file of the handbook. The overlay has the shape of the file and holds
 * only what it says anew: maps are met by key, entries of a list by their `id` (or, where they have none, by their place),
 * and words take the place of words. What the file does not have, and what is no words there, is a problem: an overlay
 * changes how the trade is said, never what it is.
 */
final class LanguageOverlay
{
    /** @var list<Problem> */
    private array $problems = [];

    public function __construct(private readonly string $file)
    {
    }

    /** @return mixed the file's data with the overlay's words in it */
    public function over(mixed $data, mixed $overlay): mixed
    {
        return $this->merged($data, $overlay, '');
    }

    /** @return list<Problem> found while laying over */
    public function problems(): array
    {
        return $this->problems;
    }

    private function merged(mixed $data, mixed $overlay, string $pointer): mixed
    {
        if (is_string($data) && is_string($overlay)) {
            return $overlay;
        }
        if (!is_array($data) || !is_array($overlay)) {
            $this->problems[] = new Problem($this->file, $pointer, 'only words can be said in another language');

            return $data;
        }
        foreach ($overlay as $key => $words) {
            $id = is_array($words) && is_string($words['id'] ?? null) ? $words['id'] : null;
            $at = array_is_list($data) && null !== $id ? self::placeOf($data, $id) : $key;
            if (null === $at || !array_key_exists($at, $data)) {
                $name = $id ?? $key;
                $this->problems[] = new Problem($this->file, "$pointer/$name", 'there is nothing of that name to say in another language');
            } elseif ('id' !== $key) {
                $data[$at] = $this->merged($data[$at], $words, "$pointer/$at");
            }
        }

        return $data;
    }

    /** @param list<mixed> $entries */
    private static function placeOf(array $entries, string $id): ?int
    {
        foreach ($entries as $place => $entry) {
            if (is_array($entry) && $id === ($entry['id'] ?? null)) {
                return $place;
            }
        }

        return null;
    }
}
