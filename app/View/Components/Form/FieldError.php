<?php

declare(strict_types=1);

namespace App\View\Components\Form;

use App\View\Errors\ErrorSummary;
use Illuminate\View\Component;

/** What is wrong with a field, beside it, and what the summary at the top of the page leads to. */
final class FieldError extends Component
{
    public readonly string $id;

    /**
     * @param string      $name  of the field with dots; `first.*` stands for any of a list
     * @param string|null $label what the summary calls the field; null where the message names it
     */
    public function __construct(
        private readonly ErrorSummary $summary,
        public readonly string $name,
        ?string $at = null,
        public readonly bool $here = true,
        ?string $label = null,
    ) {
        $this->id = $at ?? ErrorSummary::id($name);
        if ($here) {
            $this->summary->register($name, $this->id, $label);
        }
    }

    public function render(): string
    {
        return 'components.form.field-error';
    }
}
