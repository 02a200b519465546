<?php

declare(strict_types=1);

namespace Eskith\Telling\Doing;

use DateTimeImmutable;
use Eskith\Telling\Asked;

/** One thing that was done on a device, as it is sent from there. */
final readonly class Action
{
    /**
     * @param  array<array-key, mixed>  $fields
     * @param  DateTimeImmutable  $at  when it was done
     */
    public function __construct(private array $fields, public DateTimeImmutable $at)
    {
    }

    /** s since the epoch. */
    public function seconds(): float
    {
        return (float) $this->at->format('U.u');
    }

    /** Null where there is none, or something else than a text. */
    public function text(string $name): ?string
    {
        $text = $this->fields[$name] ?? null;

        return is_string($text) ? $text : null;
    }

    /** Null where there is none, or something else than a whole number. */
    public function whole(string $name): ?int
    {
        $number = $this->fields[$name] ?? null;

        return is_int($number) ? $number : null;
    }

    /** Null where it is not said. */
    public function flag(string $name): ?bool
    {
        $flag = $this->fields[$name] ?? null;

        return is_bool($flag) ? $flag : null;
    }

    /** All of it, as something that is asked. */
    public function asked(): Asked
    {
        return new Asked($this->fields);
    }

    /** @return array<array-key, mixed> a group of texts by name; empty where there is none */
    public function group(string $name): array
    {
        $texts = $this->fields[$name] ?? null;

        return is_array($texts) ? $texts : [];
    }

    /** Of a group of texts, one by its name. */
    public function textIn(string $group, string $name): ?string
    {
        $text = $this->group($group)[$name] ?? null;

        return is_string($text) ? $text : null;
    }

    /** Another moment that it names, s since the epoch. */
    public function moment(string $name): ?float
    {
        $moment = self::read($this->fields[$name] ?? null);

        return $moment === null ? null : (float) $moment->format('U.u');
    }

    public static function read(mixed $moment): ?DateTimeImmutable
    {
        try {
            return is_string($moment) && $moment !== '' ? new DateTimeImmutable($moment) : null;
        } catch (\Exception) {
            return null;
        }
    }
}
