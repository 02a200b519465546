<?php

declare(strict_types=1);

namespace Eskith\Core\Units;

use Eskith\Core\Words\Words;

/**
 * Something given to the core that cannot be used. The message is one plain sentence that can be shown as it is;
 * the field is the name under which the value came in (dotted for nested input, '' when unknown).
 */
final class InvalidInput extends \DomainException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    /** @param  string  $template  what is said, as `Words::of` takes it, with its values */
    public static function because(string $field, string $template, string|int|float|null ...$values): self
    {
        return new self($field, Words::of($template, ...$values));
    }
}
