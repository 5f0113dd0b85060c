<?php

declare(strict_types=1);

namespace App\Care\Words;

use App\Models\Round;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Round\Kit\KitReason;
use Illuminate\Support\Arr;

/** Says in words what of the kit list is meant. */
final class KitWords
{
    private const AGENT = 'agent:';

    /** @param list<string> $ids of the kit, and "agent:" with the id of an agent */
    public static function list(Round $round, array $ids): string
    {
        $names = array_filter(array_map(static fn (string $id): string => self::name($round, $id), $ids));

        return implode(str_contains(implode($names), ',') ? '; ' : ', ', $names);
    }

    /** When something of the kit is needed. */
    public static function why(KitReason $if): string
    {
        $answers = array_map(static fn (string $answer): string => '“'.mb_strtolower($answer).'”', $if->answers);
        $key = [] === $answers ? 'rounds.kit_dirty' : ($if->isDirt ? 'rounds.kit_dirty_or' : 'rounds.kit_if');

        return (string) __($key, ['answers' => Arr::join($answers, ', ', (string) __('units.or'))]);
    }

    private static function name(Round $round, string $id): string
    {
        try {
            return str_starts_with($id, self::AGENT)
                ? $round->handbook()->agent(substr($id, strlen(self::AGENT)))->name
                : $round->handbook()->kitName($id);
        } catch (UnknownEntry) {
            return '';
        }
    }
}
