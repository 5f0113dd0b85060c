<?php

declare(strict_types=1);

namespace App\View\Components\Form;

/** A field's name in its other spellings: as the key of what was typed, and as the id of its element. */
final class FieldName
{
    /** `traits[tub]` as `traits.tub`. */
    public static function key(string $name): string
    {
        return str_replace(['[', ']'], ['.', ''], $name);
    }

    /** What was typed into it before, else what is given; an emptied field stays empty. */
    public static function typed(string $name, mixed $value): mixed
    {
        return session()->getOldInput(self::key($name), $value);
    }

    /** `traits[tub]` as `f-traits-tub`. */
    public static function id(string $letter, string $name): string
    {
        return $letter.'-'.str_replace('.', '-', self::key($name));
    }
}
