<?php

declare(strict_types=1);

namespace Eskith\Telling\Work;

use Eskith\Core\Cadence\LiftTrace;
use Eskith\Core\Units\InvalidInput;

/** Lifts as they were recorded: each a list of seconds and metres of the rod tip. */
final class LiftsMade
{
    /** Lifts that are compared, and samples of one. */
    private const MOST = 10;

    private const SAMPLES = 6_000;

    /** s and m beyond which no lift goes. */
    private const FAR = 1e6;

    /**
     * @param  list<mixed>  $lifts
     * @return non-empty-list<LiftTrace> the last one last
     *
     * @throws InvalidInput when there is none, or one of them is no lift
     */
    public static function of(array $lifts): array
    {
        if ($lifts === []) {
            throw InvalidInput::because('lifts', 'Make a lift first.');
        }
        if (count($lifts) > self::MOST) {
            throw InvalidInput::because('lifts', 'Up to {most} lifts are compared at once.', most: self::MOST);
        }

        return array_map(static fn (mixed $samples): LiftTrace => LiftTrace::of(self::samples($samples), 'lifts'), $lifts);
    }

    /**
     * @return list<array{float, float}>
     *
     * @throws InvalidInput
     */
    private static function samples(mixed $samples): array
    {
        if (! is_array($samples) || ! array_is_list($samples) || count($samples) > self::SAMPLES) {
            throw InvalidInput::because('lifts', 'That recording is no lift.');
        }

        return array_map(self::sample(...), $samples);
    }

    /**
     * @return array{float, float}
     *
     * @throws InvalidInput
     */
    private static function sample(mixed $sample): array
    {
        $numbers = is_array($sample) && array_is_list($sample) ? array_filter($sample, is_numeric(...)) : [];
        if (count($numbers) !== 2 || max(array_map(static fn (mixed $one): float => abs((float) $one), $numbers)) > self::FAR) {
            throw InvalidInput::because('lifts', 'A lift is a list of seconds and metres.');
        }

        return [(float) $numbers[0], (float) $numbers[1]];
    }
}
