<?php

declare(strict_types=1);

namespace App\Instruments;

use Eskith\Core\Formats\Nmea\Sentence;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Position;

/**
 * A boat drifting over a gravel bar of the demo lake: what its instruments would say at a moment. A stand-in for real
 * ones, the same every time.
 */
final class SimulatedBoat
{
    private const WATER = 'Hallowmere';

    /** s of a way over the bar. */
    private const LEG_S = 300.0;

    /**
     * The sentences of one second, in the order instruments send them.
     *
     * @param  float  $seconds  since the start
     * @return list<string> without line ends
     */
    public static function says(float $seconds): array
    {
        $gust = sin($seconds / 23) + 0.5 * sin($seconds / 7.3);
        $windKn = 7.0 + 2.2 * $gust;
        $knots = max(0.05, 0.27 + 0.07 * $gust);
        $water = 2.8 + 0.1 * sin($seconds / 240);
        // Drifts over the bar, motors back a little beside its way, and again.
        $leg = (int) floor($seconds / self::LEG_S);
        $along = fmod($seconds, self::LEG_S) / self::LEG_S;
        $on = $leg % 2 === 0 ? $along : 1 - $along;
        $at = new Position(135 + 125 * $on, 188 - 48 * $on - 9 * ($leg % 7) + 3 * sin($seconds / 17));
        $course = ($leg % 2 === 0 ? 111 : 291) + 6 * sin($seconds / 31);
        [$north, $east] = Frame::of(...MadeUpBottoms::ORIGINS[self::WATER])->degrees($at);
        $west = -$east;
        $depth = (MadeUpBottoms::depthM(self::WATER, ...$at->pair()) ?? 5.0) + 0.05 * sin($seconds / 3);
        $time = gmdate('His', (int) $seconds % 86_400);
        $place = [self::minutes($north, 2), 'N', self::minutes($west, 3), 'W'];
        $figure = static fn (float $value, int $decimals): string => number_format($value, $decimals, '.', '');

        return array_map(static fn (Sentence $sentence): string => $sentence->text(), [
            Sentence::of('SD', 'DPT', [$figure($depth - 0.3, 2), '0.3', '']),
            Sentence::of('YX', 'MTW', [$figure($water, 1), 'C']),
            Sentence::of('GP', 'VTG', [$figure($course, 1), 'T', '', 'M', $figure($knots, 3), 'N', $figure($knots * 1.852, 3), 'K', 'A']),
            Sentence::of('GP', 'GGA', [$time, ...$place, '1', '09', '0.9', '31.0', 'M', '', 'M', '', '']),
            Sentence::of('GP', 'RMC', [$time, 'A', ...$place, $figure($knots, 3), $figure($course, 1), '', '', '', 'A']),
            Sentence::of('WI', 'MWV', ['254.0', 'T', $figure($windKn, 1), 'N', 'A']),
        ]);
    }

    private static function minutes(float $degrees, int $digits): string
    {
        $whole = (int) floor($degrees);

        return sprintf("%0{$digits}d%07.4f", $whole, 60 * ($degrees - $whole));
    }
}
