<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Water;
use App\Rows\GroundReader;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\Relief\Section;

/** A line drawn on a chart, as it stands in an address: "0,0;60,10", m east and north. */
final class SectionLine
{
    private const POINTS = 40;

    /**
     * @return non-empty-list<Position>
     *
     * @throws InvalidInput when it is none
     */
    public static function parse(string $text): array
    {
        $line = [];
        foreach (array_slice(explode(';', $text), 0, self::POINTS + 1) as $pair) {
            if (preg_match('/^(-?\d{1,6}(?:\.\d{1,3})?),(-?\d{1,6}(?:\.\d{1,3})?)$/D', $pair, $found) !== 1) {
                throw InvalidInput::because('line', 'A line on the chart is given as pairs of metres, such as 0,0;60,10.');
            }
            $line[] = new Position((float) $found[1], (float) $found[2]);
        }
        $last = count($line) - 1;
        if ($last < 1 || $last >= self::POINTS) {
            throw InvalidInput::because('line', 'A line on the chart has 2 to {points} points.', points: self::POINTS);
        }
        foreach ($line as $at) {
            if (hypot($at->east, $at->north) > Frame::FARTHEST_M) {
                throw InvalidInput::because('line', 'That line lies farther out than any water goes.');
            }
        }

        return $line;
    }

    /** @param  list<Position>  $line */
    public static function text(array $line): string
    {
        return implode(';', array_map(static fn (Position $at): string => round($at->east, 1).','.round($at->north, 1), $line));
    }

    /**
     * @param  non-empty-list<Position>  $line
     *
     * @throws InvalidInput when it has no length, or nothing is sounded
     */
    public static function section(Water $water, array $line, ?WaterChart $charted): Section
    {
        if ($charted === null) {
            throw InvalidInput::because(
                'line', 'Nothing of {water} is sounded yet. Record or bring soundings in first.', water: $water->name,
            );
        }

        return Section::below(GroundReader::near($water, $line, $charted->reachM), $line, $charted->reachM);
    }
}
