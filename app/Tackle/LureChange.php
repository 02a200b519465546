<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Models\Lure;
use Eskith\Core\Words\Words;

/** A change of some fields of one lure, as somebody wants it who has seen a version of it. */
final readonly class LureChange
{
    /** Fields that are groups of parts; of these, too, only the parts named are changed. */
    private const GROUPS = ['build', 'hooks'];

    /**
     * @param  array<array-key, mixed>  $set  field => new value
     * @param  array<array-key, mixed>  $saw  field => value it had in the version that was seen
     */
    public function __construct(public int $id, public array $set, public int $version, private array $saw = [])
    {
    }

    /** @throws LureConflict when a field to be changed has been changed meanwhile to something else */
    public function demandStillSo(Lure $row): void
    {
        if ($row->version === $this->version) {
            return;
        }
        $now = self::flat(LureForm::fields($row));
        $saw = self::flat($this->saw);
        foreach (self::flat($this->set) as $field => $mine) {
            $theirs = self::text($now[$field] ?? null);
            if ($theirs !== self::text($mine) && (! array_key_exists($field, $saw) || $theirs !== self::text($saw[$field]))) {
                $name = str_replace(['.', '_'], ' ', $field);
                throw new LureConflict(
                    Words::of(
                        'This lure was changed elsewhere: {name} is “{theirs}” there, “{mine}” here.',
                        name: $name, theirs: $theirs, mine: self::text($mine),
                    ),
                    $row->id, $row->version,
                );
            }
        }
    }

    /**
     * What the fields named held before: the change that undoes this one.
     *
     * @param  array<string, mixed>  $before  fields of the lure before
     * @return array<array-key, mixed>
     */
    public function undoing(array $before): array
    {
        $undo = [];
        foreach ($this->set as $field => $value) {
            $was = $before[$field] ?? null;
            $undo[$field] = in_array($field, self::GROUPS, true) && is_array($value)
                ? array_map(
                    static fn (string|int $part): mixed => is_array($was) ? $was[$part] ?? null : null,
                    array_combine(array_keys($value), array_keys($value)),
                )
                : $was;
        }

        return $undo;
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @return array<string, mixed> with the parts of groups by "group.part"
     */
    private static function flat(array $fields): array
    {
        $flat = [];
        foreach ($fields as $field => $value) {
            if (in_array($field, self::GROUPS, true) && is_array($value)) {
                foreach ($value as $part => $one) {
                    $flat["{$field}.{$part}"] = $one;
                }
            } else {
                $flat[(string) $field] = $value;
            }
        }

        return $flat;
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            $value === null, $value === false, $value === '' => 'nothing',
            $value === true => 'yes',
            is_int($value), is_float($value) => (string) round((float) $value, 4),
            is_string($value) => is_numeric($value)
                ? (string) round((float) $value, 4)
                : mb_strtolower(str_replace("\u{A0}", ' ', trim($value))),
            is_array($value) => implode(', ', array_map(self::text(...), $value)),
            default => '',
        };
    }
}
