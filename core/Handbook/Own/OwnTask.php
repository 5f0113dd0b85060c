<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Own;

use GoodRinse\Core\Quantity\Day;

/** A care task that a household has written itself, for one machine: the handbook knows nothing of it. */
final readonly class OwnTask
{
    /** Its id begins so, and no task of the handbook's does. */
    public const PREFIX = 'ours-';

    /** What its interval is counted in; anything else is the machine's own unit of use. */
    public const DAYS = 'days';

    public const MOST_MINUTES = 480;
    public const MOST_EVERY = 3650;
    public const MOST_LINES = 30;
    public const LONGEST_LINE = 200;
    public const MOST_NEEDS = 12;

    /**
     * @param string $title what the household calls it
     * @param string|null $part what gets dirty or worn, in the household's word; null when the title says it
     * @param non-empty-list<string> $lines what is done, one line a step, at most MOST_LINES
     * @param int $minutes of a person's hands, 1 to MOST_MINUTES
     * @param int $every interval to begin with, 1 to MOST_EVERY days or uses
     * @param string $unit DAYS, or what the machine's use is counted in
     * @param string|null $scale on which its part is judged when it is opened; null when it is only done
     * @param list<string> $needs things to have within reach, at most MOST_NEEDS
     * @param Day $since day it was written down
     * @param bool $ended whether the household has given it up; what was written in the logbook keeps its name
     */
    public function __construct(
        public string $id,
        public string $title,
        public ?string $part,
        public array $lines,
        public int $minutes,
        public int $every,
        public string $unit,
        public ?string $scale,
        public array $needs,
        public Day $since,
        public bool $ended = false,
    ) {
    }

    public function isByDays(): bool
    {
        return self::DAYS === $this->unit;
    }

    public function end(bool $ended): self
    {
        return new self(
            $this->id,
            $this->title,
            $this->part,
            $this->lines,
            $this->minutes,
            $this->every,
            $this->unit,
            $this->scale,
            $this->needs,
            $this->since,
            $ended,
        );
    }

    /** @param array<array-key, mixed> $data what toArray() made; null for anything else */
    public static function read(array $data): ?self
    {
        [$id, $title, $unit, $since] = [$data['id'] ?? null, $data['title'] ?? null, $data['unit'] ?? null, $data['since'] ?? null];
        [$minutes, $every] = [$data['minutes'] ?? null, $data['every'] ?? null];
        $lines = self::texts($data['lines'] ?? null);
        if (
            !is_string($id)
            || !str_starts_with($id, self::PREFIX)
            || !is_string($title)
            || !is_string($unit)
            || !is_string($since)
            || !is_int($minutes)
            || !is_int($every)
            || [] === $lines
            || $minutes < 1
            || $every < 1
        ) {
            return null;
        }
        $text = static fn (string $key): ?string => is_string($data[$key] ?? null) && '' !== $data[$key] ? $data[$key] : null;

        return new self(
            $id,
            $title,
            $text('part'),
            $lines,
            min($minutes, self::MOST_MINUTES),
            min($every, self::MOST_EVERY),
            $unit,
            $text('scale'),
            self::texts($data['needs'] ?? null),
            Day::of($since),
            true === ($data['ended'] ?? false),
        );
    }

    /** @return array<string, mixed> what read() reads back */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'title' => $this->title,
            'part' => $this->part,
            'lines' => $this->lines,
            'minutes' => $this->minutes,
            'every' => $this->every,
            'unit' => $this->unit,
            'scale' => $this->scale,
            'needs' => $this->needs,
            'since' => (string) $this->since,
            'ended' => $this->ended,
        ];
    }

    /** @return list<string> */
    private static function texts(mixed $list): array
    {
        return array_values(array_filter(is_array($list) ? $list : [], static fn (mixed $text): bool => is_string($text) && '' !== $text));
    }
}
