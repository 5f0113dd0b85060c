<?php

declare(strict_types=1);

namespace App\View\Components\Form;

use GoodRinse\Core\Handbook\Machine\Option;
use Illuminate\View\Component;

/** One answer of several; with `unknown` nobody has to know, and that is where it stands. */
final class Choice extends Component
{
    public readonly string $key;
    public readonly string $picked;

    /** @var list<Option> */
    public readonly array $options;

    /** @param list<Option> $options */
    public function __construct(
        public readonly string $name,
        public readonly string $legend,
        array $options,
        mixed $value = null,
        public readonly ?string $hint = null,
        public readonly ?string $drawing = null,
        public readonly bool $unknown = false,
    ) {
        $this->key = FieldName::key($name);
        $typed = FieldName::typed($name, $value);
        $this->picked = is_scalar($typed) ? (string) $typed : '';
        $this->options = $unknown ? [...$options, new Option('', 'Don\'t know', null)] : $options;
    }

    public function id(Option $option): string
    {
        return FieldName::id('p', $this->name).'-'.($option->id ?: 'unknown');
    }

    public function render(): string
    {
        return 'components.form.choice';
    }
}
