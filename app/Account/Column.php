<?php

declare(strict_types=1);

namespace App\Account;

use Closure;
use Eskith\Core\Units\PlainText;

/** What a column of an archived row may hold. */
final readonly class Column
{
    /**
     * @param  Closure(mixed): bool  $holds
     * @param  array<string, mixed>  $schema  the same in the words of JSON Schema
     */
    private function __construct(
        private Closure $holds,
        private array $schema,
        private bool $optional = false,
        public bool $json = false,
        public mixed $otherwise = null,
    ) {
    }

    /** @return array<string, mixed> what a value is, in the words of JSON Schema */
    public function schema(): array
    {
        return $this->optional ? ['anyOf' => [$this->schema, ['type' => 'null']]] : $this->schema;
    }

    public static function text(int $longest): self
    {
        return new self(
            static fn (mixed $value): bool => is_string($value) && mb_strlen($value) <= $longest && PlainText::isReadable($value),
            ['type' => 'string', 'maxLength' => $longest],
        );
    }

    public static function uuid(): self
    {
        return new self(
            static fn (mixed $value): bool => is_string($value)
                && preg_match('/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/iD', $value) === 1,
            ['type' => 'string', 'format' => 'uuid'],
        );
    }

    public static function number(float $low, float $high): self
    {
        return new self(
            static fn (mixed $value): bool => (is_int($value) || is_float($value)) && $value >= $low && $value <= $high,
            ['type' => 'number', 'minimum' => $low, 'maximum' => $high],
        );
    }

    public static function whole(int $low, int $high): self
    {
        return new self(
            static fn (mixed $value): bool => is_int($value) && $value >= $low && $value <= $high,
            ['type' => 'integer', 'minimum' => $low, 'maximum' => $high],
        );
    }

    public static function flag(): self
    {
        return new self(static fn (mixed $value): bool => in_array($value, [0, 1, true, false], true), ['enum' => [0, 1, true, false]]);
    }

    /** A day or a moment as databases write it, between 1970 and 2199. */
    public static function moment(): self
    {
        $holds = static fn (mixed $value): bool => is_string($value)
            && preg_match(
                '/^(19[7-9]\d|2[01]\d\d)-(\d\d)-(\d\d)(?: ([01]\d|2[0-3]):[0-5]\d:[0-5]\d(?:\.\d{1,6})?)?$/D', $value, $parts,
            ) === 1
            && checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1]);

        return new self($holds, ['type' => 'string', 'pattern' => '^\\d{4}-\\d\\d-\\d\\d( .+)?$']);
    }

    /** @param  list<string>  $values */
    public static function one(array $values): self
    {
        return new self(static fn (mixed $value): bool => in_array($value, $values, true), ['enum' => $values]);
    }

    /** Structured text: kept as JSON, archived as what it holds. */
    public static function json(int $longest): self
    {
        return new self(
            static fn (mixed $value): bool => is_array($value) && strlen((string) json_encode($value)) <= $longest,
            ['type' => ['object', 'array']], json: true,
        );
    }

    public function orNone(): self
    {
        return new self($this->holds, $this->schema, true, $this->json);
    }

    /** What stands for it in archives of before there was such a column. */
    public function orElse(mixed $otherwise): self
    {
        return new self($this->holds, $this->schema, $this->optional, $this->json, $otherwise);
    }

    public function holds(mixed $value): bool
    {
        return $value === null ? $this->optional : ($this->holds)($value);
    }
}
