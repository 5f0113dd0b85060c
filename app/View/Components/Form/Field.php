<?php

declare(strict_types=1);

namespace App\View\Components\Form;

use Illuminate\View\Component;

/** One line to type in, with what was typed before, its hint and what was wrong with it. */
final class Field extends Component
{
    public readonly string $key;
    public readonly string $id;
    public readonly string $typed;

    public function __construct(
        public readonly string $name,
        public readonly string $label,
        public readonly string $type = 'text',
        mixed $value = null,
        public readonly ?string $hint = null,
    ) {
        $this->key = FieldName::key($name);
        $this->id = FieldName::id('f', $name);
        $typed = FieldName::typed($name, $value);
        $this->typed = 'password' !== $type && is_scalar($typed) ? (string) $typed : '';
    }

    public function render(): string
    {
        return 'components.form.field';
    }
}
