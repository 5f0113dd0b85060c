<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/**
 * Checks what a file holds against its JSON Schema in the handbook's schema folder.
 *
 * @internal to this folder
 */
final class SchemaRules
{
    private const SCHEMA_HOME = 'https://good-rinse.invalid/schema/';

    private readonly Validator $validator;

    /** @param string $folder where the schemas lie */
    public function __construct(private readonly string $folder)
    {
        $this->validator = new Validator(null, 20, false);
        $this->validator->resolver()?->registerPrefix(self::SCHEMA_HOME, $folder);
    }

    /**
     * @param string $schema name of the schema, without folder and ending
     *
     * @return list<Problem> the most particular ones, by their place in the file
     */
    public function check(string $file, mixed $data, string $schema): array
    {
        $rules = json_decode((string) @file_get_contents("$this->folder/$schema.json"));
        if (!$rules instanceof \stdClass) {
            return [new Problem("schema/$schema.json", '', 'the schema is missing or is not JSON')];
        }
        $error = $this->validator->validate(Helper::toJSON($data), self::SCHEMA_HOME."$schema.json")->error();
        if (null === $error) {
            return [];
        }
        $problems = [];
        foreach (self::leaves($error) as $pointer => $problem) {
            $problems[] = new Problem($file, (string) $pointer, $problem);
        }

        return $problems;
    }

    /** @return array<string, string> problem by pointer, the most particular errors only */
    private static function leaves(ValidationError $error): array
    {
        $formatter = new ErrorFormatter();
        $found = [];
        foreach (self::ends($error) as $leaf) {
            $path = '';
            foreach ($leaf->data()->fullPath() as $key) {
                $path .= '/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key);
            }
            $found[$path] ??= $formatter->formatErrorMessage($leaf);
        }
        // A member that is wrong makes the validator call all its neighbours unexpected: said of the member only.
        $wrong = implode("\n", array_keys($found))."\n";

        return array_filter(
            $found,
            static fn (string $problem, string $path): bool => !str_starts_with($problem, 'Additional')
                || !str_contains("\n$wrong", "\n$path/"),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return list<ValidationError> the errors that have no more particular ones under them */
    private static function ends(ValidationError $error): array
    {
        $ends = [];
        foreach ($error->subErrors() as $under) {
            if ($under instanceof ValidationError) {
                array_push($ends, ...self::ends($under));
            }
        }

        return [] === $ends ? [$error] : $ends;
    }
}
