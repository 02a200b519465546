<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

use Eskith\Core\Units\InvalidInput;

/** How long each setup of an outing was really fished: from when it was tied on, less the pauses. Seconds in, hours out. */
final readonly class Exposure
{
    /** @param  array<int, float>  $hours  of each setup, in the order given */
    private function __construct(public array $hours, public float $rodHours)
    {
    }

    /**
     * A setup is fished until the next on its rod (of equal times the later in the list), until it is put away, or to the end.
     * An event on a rod during a pause ends that pause for that rod: they were fishing again.
     *
     * @param  list<RodInterval>  $setups
     * @param  list<array{float, string}>  $events  time and rod
     * @param  list<Pause>  $pauses
     *
     * @throws InvalidInput when the outing ends before it began
     */
    public static function of(float $started, float $ended, array $setups, array $events, array $pauses): self
    {
        if (! ($ended >= $started)) {
            throw InvalidInput::because('ended', 'An outing ends after it began.');
        }
        $onRod = [];
        foreach ($setups as $i => $setup) {
            $onRod[$setup->rod][] = $i;
        }
        $hours = [];
        foreach ($onRod as $rod => $places) {
            usort($places, static fn (int $a, int $b): int => [$setups[$a]->at, $a] <=> [$setups[$b]->at, $b]);
            $rests = self::rests((string) $rod, $events, $pauses);
            foreach ($places as $n => $i) {
                $next = isset($places[$n + 1]) ? $setups[$places[$n + 1]]->at : INF;
                $from = max($started, $setups[$i]->at);
                $to = min($ended, $next, $setups[$i]->until ?? INF);
                $hours[$i] = Spans::outside($rests, $from, $to) / 3600;
            }
        }
        ksort($hours);

        return new self($hours, array_sum($hours));
    }

    /**
     * @param  list<array{float, string}>  $events
     * @param  list<Pause>  $pauses
     * @return list<array{float, float}> pauses of a rod that do not touch each other, in order
     */
    private static function rests(string $rod, array $events, array $pauses): array
    {
        $own = [];
        foreach ($pauses as $pause) {
            if ($pause->rod !== null && $pause->rod !== $rod) {
                continue;
            }
            $to = $pause->to;
            foreach ($events as [$at, $on]) {
                if ($on === $rod && $at >= $pause->from && $at < $to) {
                    $to = $at;
                }
            }
            if ($to > $pause->from) {
                $own[] = [$pause->from, $to];
            }
        }

        return Spans::union($own);
    }
}
