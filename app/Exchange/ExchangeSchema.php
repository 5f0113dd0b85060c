<?php

declare(strict_types=1);

namespace App\Exchange;

/** household.json as a JSON Schema, for other programs. */
final class ExchangeSchema
{
    private const KINDS = [
        'id' => ['type' => 'string', 'pattern' => '^[0-9A-Za-z]{26}$'],
        'word' => ['type' => 'string', 'pattern' => '^[A-Za-z][A-Za-z0-9_.:-]{0,79}$'],
        'text' => ['type' => 'string', 'maxLength' => 4000],
        'zone' => ['type' => 'string', 'description' => 'IANA time zone'],
        'day' => ['type' => 'string', 'pattern' => '^\d{4}-\d{2}-\d{2}$'],
        'time' => ['type' => 'string', 'pattern' => '^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}Z$', 'description' => 'UTC'],
        'bool' => ['type' => 'boolean'],
        'int' => ['type' => 'integer'],
        'float' => ['type' => 'number'],
        'json' => ['type' => ['object', 'array']],
        'person' => ['type' => 'string', 'description' => 'id among people'],
        'file' => ['type' => 'string', 'pattern' => '^files/', 'description' => 'name in the zip'],
    ];

    /** @return array<string, mixed> */
    public static function build(): array
    {
        $properties = [
            'format' => ['const' => ExchangeFormat::NAME],
            'version' => ['const' => ExchangeFormat::VERSION],
            'scope' => ['enum' => ['household', 'machine']],
            'exported_at' => self::KINDS['time'],
            'exported_by' => ['type' => ['string', 'null'], 'description' => 'id among people'],
            'household' => self::row(ExchangeFormat::HOUSEHOLD),
            'people' => ['type' => 'array', 'items' => [
                'type' => 'object',
                'properties' => ['id' => ['type' => 'string', 'pattern' => '^[0-9a-f]{26}$'], 'name' => ['type' => 'string']],
                'required' => ['id', 'name'],
                'additionalProperties' => false,
            ]],
        ];
        foreach (ExchangeFormat::TABLES as $table => $columns) {
            $properties[$table] = ['type' => 'array', 'items' => self::row($columns)];
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://good-rinse.invalid/schema/household.json',
            'title' => 'A household of Good Rinse, taken along',
            'type' => 'object',
            'properties' => $properties,
            'required' => array_keys($properties),
            'additionalProperties' => false,
        ];
    }

    /**
     * @param array<string, string> $columns
     *
     * @return array<string, mixed>
     */
    private static function row(array $columns): array
    {
        $properties = [];
        foreach ($columns as $column => $type) {
            $bare = ltrim($type, '?');
            $kind = self::KINDS[$bare] ?? self::KINDS['id'] + ['description' => "id among $bare"];
            if ($bare !== $type) {
                $kind['type'] = [...(array) $kind['type'], 'null'];
            }
            $properties[$column] = $kind;
        }

        return [
            'type' => 'object',
            'properties' => $properties,
            'required' => array_keys($columns),
            'additionalProperties' => false,
        ];
    }
}
