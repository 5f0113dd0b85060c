<?php

declare(strict_types=1);

namespace App\Console\Calc;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** The JSON Schema of a calculation's input: it ships with the application, and names everything that is wrong at once. */
final readonly class InputSchema
{
    private const MOST_PROBLEMS = 20;

    private const TYPES = [
        'object' => 'must be an object',
        'array' => 'must be a list',
        'number' => 'must be a number',
        'string' => 'must be text',
        'boolean' => 'must be true or false',
    ];

    public function __construct(private string $model)
    {
    }

    /** The schema as JSON. */
    public function text(): string
    {
        return (string) file_get_contents(__DIR__."/schema/$this->model.json");
    }

    /**
     * The fields it takes with what each means, a line each.
     *
     * @return list<string>
     */
    public function fields(): array
    {
        return $this->listed((array) json_decode($this->text(), true), '');
    }

    /** @return list<string> problems, each with its JSON pointer; empty when the document is as it should be */
    public function problems(mixed $document): array
    {
        $validator = new Validator(null, self::MOST_PROBLEMS);
        $validator->setStopAtFirstError(false);
        $error = $validator->validate($document, $this->text())->error();

        return null === $error ? [] : array_values(array_unique($this->leaves($error)));
    }

    /** @return list<string> */
    private function leaves(ValidationError $error): array
    {
        /** @var list<ValidationError> $inner */
        $inner = array_values($error->subErrors());
        if ([] !== $inner) {
            return array_merge(...array_map($this->leaves(...), $inner));
        }
        $place = implode('', array_map(
            static fn (int|string $key): string => '/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key),
            $error->data()->fullPath(),
        ));
        $args = $error->args();
        $under = static fn (mixed $keys, string $problem): array => array_map(
            static fn (mixed $key): string => "$place/".(is_string($key) ? $key : '').": $problem",
            array_values((array) $keys),
        );

        return match ($error->keyword()) {
            'required' => $under($args['missing'] ?? [], 'is required'),
            'additionalProperties' => $under(
                array_diff(array_filter((array) ($args['properties'] ?? []), is_string(...)), $this->known($error)),
                'unknown key',
            ),
            default => [('' === $place ? '""' : $place).': '.$this->problem($error->keyword(), $args)],
        };
    }

    /** @return list<string> keys that the schema names at the place of an error */
    private function known(ValidationError $error): array
    {
        $data = $error->schema()->info()->data();

        return is_object($data)
            && is_object($data->properties ?? null) ? array_map(strval(...), array_keys(get_object_vars($data->properties))) : [];
    }

    /** @param array<array-key, mixed> $args */
    private function problem(string $keyword, array $args): string
    {
        $limit = static fn (string $key): string => is_scalar($args[$key] ?? null) ? (string) $args[$key] : '';

        return match ($keyword) {
            'type' => self::TYPES[is_string($args['expected'] ?? null) ? $args['expected'] : ''] ?? 'is of the wrong type',
            'minLength' => 'must be text',
            'enum' => 'is none of those it may be',
            'minItems' => 'must hold at least '.$limit('min'),
            'minimum' => 'must be at least '.$limit('min'),
            'exclusiveMinimum' => 'must be greater than '.$limit('min'),
            'maximum' => '1000000000' === $limit('max') || '1.0E+9' === $limit('max')
                ? 'must be a finite number of at most 1e9'
                : 'must be at most '.$limit('max'),
            default => "is not as \"$keyword\" asks",
        };
    }

    /**
     * @param array<array-key, mixed> $schema
     *
     * @return list<string>
     */
    private function listed(array $schema, string $path): array
    {
        $lines = [];
        foreach ([$schema, (array) ($schema['then'] ?? []), (array) ($schema['else'] ?? [])] as $part) {
            foreach ((array) ($part['properties'] ?? []) as $key => $field) {
                $field = (array) $field;
                $isList = 'array' === ($field['type'] ?? null);
                $name = "$path$key".($isList ? '[]' : '');
                $about = $field['description'] ?? '';
                $lines[$name] = rtrim(sprintf('  %-34s %s', $name, is_string($about) ? $about : ''));
                $inner = $isList ? (array) ($field['items'] ?? []) : $field;
                foreach ($this->listed($inner, "$name.") as $line) {
                    $lines[$line] = $line;
                }
            }
        }

        return array_values($lines);
    }
}
