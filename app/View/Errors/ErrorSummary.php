<?php

declare(strict_types=1);

namespace App\View\Errors;

use Illuminate\Support\MessageBag;
use Illuminate\Support\Str;
use Illuminate\Support\ViewErrorBag;

/**
 * What has to be put right on a page, at its top, each message with the place of its field. A page's fields are drawn
 * before the layout around them, and register here the messages they show; what no field shows stands alone.
 */
final class ErrorSummary
{
    /** @var array<string, array{string, ?string}> ids and labels by the names of the fields on the page (`photo`, `first.*`) */
    private array $shown = [];

    /** The id of the message of a field; also what a link of the summary leads to. */
    public static function id(string $name): string
    {
        return 'wrong-'.Str::slug(str_replace(['.', '*', '_'], ['-', 'any', '-'], $name));
    }

    /** A field's message is on the page, under this id; `label` is what the summary calls the field. */
    public function register(string $name, string $id, ?string $label = null): void
    {
        $this->shown[$name] = [$id, $label];
    }

    /** What ties a control to its message and its hint, as attributes; without a message only the hint. */
    public function attributes(ViewErrorBag $errors, string $name, ?string $hint = null): string
    {
        $wrong = $errors->has($name);
        $by = implode(' ', array_filter([$hint, $wrong ? self::id($name) : null]));

        return ($wrong ? ' aria-invalid="true"' : '').('' === $by ? '' : ' aria-describedby="'.e($by).'"');
    }

    /** @return list<SummaryLine> one for each message, in the order of the check */
    public function lines(ViewErrorBag $errors): array
    {
        $lines = [];
        $bag = $errors->getBag('default');
        foreach ($bag instanceof MessageBag ? $bag->getMessages() : [] as $name => $messages) {
            [$target, $label] = $this->field((string) $name);
            $text = (string) ($messages[0] ?? '');
            $lines["$target $text"] = new SummaryLine(null === $label ? $text : rtrim($label, '?:').': '.lcfirst($text), $target);
        }

        return array_values($lines);
    }

    /** @return array{?string, ?string} the id of its message and its label */
    private function field(string $name): array
    {
        foreach ($this->shown as $shown => $field) {
            if (Str::is($shown, $name)) {
                return $field;
            }
        }

        return [null, null];
    }
}
