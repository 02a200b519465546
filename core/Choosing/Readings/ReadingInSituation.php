<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

use Eskith\Core\Choosing\Situation;

/** How a reading stands in a situation, and how it is moved there. */
trait ReadingInSituation
{
    /** The measure as it stands; null when it was not read. */
    public function measured(Situation $s): ?float
    {
        $value = $this->dimension() === null ? null : $this->standing($s);

        return is_float($value) ? $value : null;
    }

    /** @return list<string> what is chosen: none when it was not read, several only for food */
    public function chosen(Situation $s): array
    {
        $value = $this->dimension() !== null ? null : $this->standing($s);

        return match (true) {
            is_bool($value) => [$value ? 'yes' : 'no'],
            $value instanceof \BackedEnum => [(string) $value->value],
            is_array($value) => array_map(
                static fn (\BackedEnum $one): string => (string) $one->value,
                array_values(array_filter($value, static fn (mixed $one): bool => $one instanceof \BackedEnum)),
            ),
            default => [],
        };
    }

    public function isRead(Situation $s): bool
    {
        return $this->measured($s) !== null || $this->chosen($s) !== [];
    }

    /** Whether it can change anything as one fishes now: no depth of fish that sit on the bottom, no way the water runs straight down. */
    public function bearsOn(Situation $s): bool
    {
        return match ($this) {
            self::FishDepth => ! $s->onBottom(),
            self::Runs => ! $s->vertical(),
            default => true,
        };
    }

    /** Whether anybody is asked to read it: the size of the forage is known by who saw it, and plays no part until it is said. */
    public function isAskedFor(): bool
    {
        return $this !== self::ForageSize;
    }

    /** Whether a rule that needs it has what it needs. */
    public function isMet(Situation $s): bool
    {
        $met = $this->basis()->met;

        return $met === null ? $this->isRead($s) : $met($s);
    }

    /** The same situation with this reading at another value: SI for a measure, one of the choices otherwise. */
    public function with(Situation $s, float|string $value): Situation
    {
        [$basis, $definition] = [$this->basis(), $this->definition()];
        $read = [$basis->field => $definition->kind === Kind::Measure ? (float) $value : $definition->typed((string) $value)];

        return $basis->ofAim ? $s->with(aim: $s->aim->with(...$read)) : $s->with(water: $s->water->with(...$read));
    }

    private function standing(Situation $s): mixed
    {
        $basis = $this->basis();

        return $basis->ofAim ? $s->aim->{$basis->field} : $s->water->{$basis->field};
    }
}
