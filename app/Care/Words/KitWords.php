<?php

declare(strict_types=1);

namespace App\Care\Words;

use App\Models\Round;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Round\Kit\KitReason;

/** Says in words what of the kit list is meant. */
final class KitWords
{
    private const AGENT = 'agent:';

    /** @param list<string> $ids of the kit, and "agent:" with the id of an agent */
    public static function list(Round $round, array $ids): string
    {
        return implode(', ', array_filter(array_map(static fn (string $id): string => self::name($round, $id), $ids)));
    }

    /** When something of the kit is needed. */
    public static function why(KitReason $if): string
    {
        return (string) ($if->isDirt ? __('rounds.kit_dirty') : __(
            'rounds.kit_if',
            ['answers' => '“'.mb_strtolower(implode('” or “', $if->answers)).'”'],
        ));
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
