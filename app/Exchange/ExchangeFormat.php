<?php

declare(strict_types=1);

namespace App\Exchange;

/**
 * What a household's file holds: each table with its columns and what these may be. docs/format.md says it in words, and
 * docs/household.schema.json as a JSON Schema.
 */
final readonly class ExchangeFormat
{
    public const NAME = 'good-rinse-household';
    public const VERSION = 3;

    /** Tables that files of earlier versions do not have, by the version that brought them. */
    public const SINCE = ['supplies' => 2];

    /** What a file of an earlier version means where it has no such column. */
    public const BEFORE = ['counts_time' => false, 'quiet_machines' => false, 'calendar_kind' => 'both'];

    /** Rows of all tables together. */
    public const MOST_ROWS = 400_000;

    /** What a picture or paper is called in the zip. */
    public const FILE = '#^files/[0-9a-zA-Z]{20,40}\.(jpg|jpeg|png|webp|pdf)$#D';

    /** Bytes of household.json. */
    public const MOST_BYTES = 64_000_000;

    /**
     * Kinds of columns, "?" before those that may be null. A person is named by their id among `people`; an id of another
     * row by that row's table.
     */
    public const TABLES = [
        'machines' => [
            'id' => 'id', 'kind' => 'word', 'name' => 'text', 'place' => '?text', 'model' => '?text', 'serial' => '?text',
            'bought_on' => '?day', 'warranty_until' => '?day', 'traits' => 'json', 'habits' => 'json', 'schools' => 'json',
            'rhythms' => 'json', 'apart' => 'json', 'own_parts' => 'json', 'own_tasks' => '?json', 'procedure_notes' => '?json',
            'waits' => 'json', 'worth' => '?json', 'retired_on' => '?day', 'retired_how' => '?word',
            'forgot_at' => '?time', 'created_at' => '?time', 'updated_at' => '?time',
        ],
        'rounds' => [
            'id' => 'id', 'machine_id' => 'machines', 'task' => 'word', 'procedures' => 'json', 'script' => 'json',
            'expected' => '?json', 'started_by' => '?person', 'started_at' => 'time', 'ended_at' => '?time', 'ended_how' => '?word',
            'open_ends' => '?json', 'settled_at' => '?time', 'created_at' => '?time', 'updated_at' => '?time',
        ],
        'entries' => [
            'id' => 'id', 'machine_id' => '?machines', 'part' => '?word', 'kind' => 'word', 'happened_at' => 'time', 'zone' => 'text',
            'recorded_by' => '?person', 'recorded_at' => 'time', 'payload' => 'json', 'source' => 'word', 'round_id' => '?rounds',
            'step' => '?word', 'voids' => '?id', 'corrects' => '?id',
        ],
        'ticks' => [
            'id' => 'id', 'round_id' => 'rounds', 'step' => 'word', 'answer' => '?text', 'overruled' => 'bool', 'at' => 'time',
            'made_by' => '?person', 'share' => 'float', 'strength' => '?float', 'how' => 'word', 'details' => '?json',
            'logbook_entry' => '?id',
        ],
        'traces' => [
            'id' => 'id', 'machine_id' => 'machines', 'symptoms' => 'json', 'steps' => 'json', 'begun_at' => 'time', 'ended_at' => '?time',
            'ended_how' => '?word', 'fixed_by' => '?word', 'cause' => '?word', 'held' => '?bool', 'held_at' => '?time', 'note' => '?text',
            'cost' => '?float', 'display' => '?text', 'created_at' => '?time', 'updated_at' => '?time',
        ],
        'devices' => [
            'id' => 'id', 'machine_id' => 'machines', 'name' => 'text', 'simulated' => 'bool', 'series' => 'int', 'last_seen_at' => '?time',
            'clock_ahead' => 'int', 'created_at' => '?time', 'updated_at' => '?time',
        ],
        'device_events' => [
            'device_id' => 'devices', 'event' => 'text', 'at' => 'time', 'received_at' => 'time', 'total' => '?float', 'light' => '?word',
            'lit' => '?bool', 'status' => 'word', 'series' => 'int',
        ],
        'photos' => [
            'id' => 'id', 'round_id' => '?rounds', 'step' => '?word', 'machine_id' => '?machines', 'part' => '?word',
            'trace_id' => '?traces', 'entry_id' => '?id', 'file' => 'file', 'width' => 'int',
            'height' => 'int', 'taken_by' => '?person', 'taken_at' => 'time',
        ],
        'supplies' => [
            'id' => 'id', 'supply' => 'text', 'unit' => '?word', 'package' => '?float', 'place' => '?text', 'amount' => '?float',
            'every_days' => '?int', 'created_at' => '?time', 'updated_at' => '?time',
        ],
        'documents' => [
            'id' => 'id', 'machine_id' => 'machines', 'kind' => 'word', 'name' => 'text', 'mime' => 'text', 'bytes' => 'int',
            'file' => 'file', 'added_by' => '?person', 'added_at' => 'time',
        ],
    ];

    /** What a household says of itself, and what these may be. */
    public const HOUSEHOLD = [
        'id' => 'id', 'name' => 'text', 'timezone' => 'zone', 'measures' => 'word', 'harsh_chemicals' => 'bool',
        'vinegar_strength' => 'float',
        'hardness' => '?float', 'hardness_unit' => 'text', 'hour_value' => 'float', 'call_fee' => 'float', 'currency' => '?text',
        'water_price' => '?float', 'power_price' => '?float', 'counts_time' => 'bool',
        'digest_hour' => 'int', 'quiet_from' => 'int', 'quiet_to' => 'int', 'quiet_machines' => 'bool', 'session_rule' => '?json',
        'calendar_kind' => 'word',
    ];

    /** Whether a column holds no more than text. */
    public static function isJson(string $type): bool
    {
        return 'json' === ltrim($type, '?');
    }

    public static function isPerson(string $type): bool
    {
        return 'person' === ltrim($type, '?');
    }

    public static function isTime(string $type): bool
    {
        return 'time' === ltrim($type, '?');
    }
}
