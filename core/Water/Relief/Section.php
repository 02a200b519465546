<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Ground;
use Eskith\Core\Water\Position;

/** The bottom below a line: its slopes, its walls and their ledges. Metres. */
final readonly class Section
{
    /** Degrees: steeper is a wall. */
    public const WALL_DEG = 35.0;

    /** m that a ledge eases for at the least. */
    private const LEDGE_M = 1.0;

    /** m between two looks at the bottom, and looks at the most. */
    private const LOOK_M = 0.25;

    private const LOOKS = 4_000;

    private const POINTS = 100;

    private const LONGEST_M = 20_000.0;

    /** Of a length: what a sum of looks misses it by. */
    private const TINY = 1e-6;

    /**
     * @param  list<SectionPoint>  $points  evenly along it
     * @param  list<array{float, float, float}>  $walls  from and to, along it, and degrees on the whole
     * @param  list<Ledge>  $ledges  along it
     * @param  float|null  $steepestDeg  null where less than two points in a row are known
     */
    private function __construct(
        public array $points, public float $lengthM, public ?float $steepestDeg, public ?float $shallowestM, public ?float $deepestM,
        public array $walls, public array $ledges,
    ) {
    }

    /**
     * @param  list<Position>  $line
     *
     * @throws InvalidInput for a line of no length, or a longer one than anybody fishes
     */
    public static function below(Ground $ground, array $line, float $reachM): self
    {
        if (count($line) < 2 || count($line) > self::POINTS) {
            throw InvalidInput::because('line', 'A section has 2 to {points} points.', points: self::POINTS);
        }
        $along = [0.0];
        foreach (array_slice($line, 1) as $i => $to) {
            $along[] = $along[$i] + $line[$i]->distanceTo($to);
        }
        $length = $along[count($along) - 1];
        if (! ($length >= self::LEDGE_M && $length <= self::LONGEST_M)) {
            throw InvalidInput::because('line', 'Draw a line of 1 m to 20 km; its section opens below.');
        }
        $looks = (int) min(self::LOOKS, max(8, ceil($length / self::LOOK_M)));
        $points = [];
        $leg = 0;
        for ($i = 0; $i <= $looks; $i++) {
            $at = $length * $i / $looks;
            while ($leg < count($line) - 2 && $along[$leg + 1] < $at) {
                $leg++;
            }
            $share = ($at - $along[$leg]) / max(self::TINY, $along[$leg + 1] - $along[$leg]);
            $east = $line[$leg]->east + $share * ($line[$leg + 1]->east - $line[$leg]->east);
            $north = $line[$leg]->north + $share * ($line[$leg + 1]->north - $line[$leg]->north);
            // Beyond the outermost soundings a depth is a guess, and a slope none.
            $points[] = new SectionPoint($at, $ground->isBetween($east, $north, $reachM) ? $ground->depthAt($east, $north, $reachM) : null);
        }

        return self::of($points, $length);
    }

    /**
     * @param  list<SectionPoint>  $points  at least two, in order
     */
    public static function of(array $points, float $lengthM): self
    {
        $steepest = null;
        /** @var list<array{float, float, int}> $walls from, to, and 1 where it goes down */
        $walls = [];
        for ($i = 1; $i < count($points); $i++) {
            [$before, $now] = [$points[$i - 1], $points[$i]];
            if ($before->depthM === null || $now->depthM === null) {
                continue;
            }
            $slope = ($now->depthM - $before->depthM) / max(self::TINY, $now->alongM - $before->alongM);
            $degrees = rad2deg(atan(abs($slope)));
            $steepest = max($steepest ?? 0.0, $degrees);
            if ($degrees > self::WALL_DEG) {
                $last = count($walls) - 1;
                if ($last >= 0 && $walls[$last][1] >= $before->alongM - self::TINY && $walls[$last][2] === ($slope <=> 0.0)) {
                    $walls[$last][1] = $now->alongM;
                } else {
                    $walls[] = [$before->alongM, $now->alongM, $slope <=> 0.0];
                }
            }
        }
        $depths = self::known($points);

        return new self(
            points: $points, lengthM: $lengthM, steepestDeg: $steepest, shallowestM: $depths === [] ? null : min($depths),
            deepestM: $depths === [] ? null : max($depths),
            walls: array_map(static fn (array $wall): array => self::steep($points, $wall[0], $wall[1]), $walls),
            ledges: self::ledges($points, $walls),
        );
    }

    /**
     * @param  list<SectionPoint>  $points
     * @return array{float, float, float} from and to, and degrees on the whole
     */
    private static function steep(array $points, float $from, float $to): array
    {
        $on = array_values(array_filter($points, static fn (SectionPoint $point): bool => $point->alongM >= $from - self::TINY
            && $point->alongM <= $to + self::TINY));
        $depths = self::known($on);

        return [$from, $to, $depths === [] ? 0.0 : rad2deg(atan2(max($depths) - min($depths), $to - $from))];
    }

    /**
     * @param  list<SectionPoint>  $points
     * @param  list<array{float, float, int}>  $walls
     * @return list<Ledge>
     */
    private static function ledges(array $points, array $walls): array
    {
        $ledges = [];
        foreach (array_slice($walls, 1) as $i => [$from, , $way]) {
            [, $to, $before] = $walls[$i];
            // Between a way up and a way down lies the top of something, or a trench.
            if ($way !== $before || $from - $to < self::LEDGE_M - self::TINY) {
                continue;
            }
            $on = array_values(array_filter($points, static fn (SectionPoint $point): bool => $point->alongM >= $to - self::TINY
                && $point->alongM <= $from + self::TINY));
            $depths = self::known($on);
            if ($depths !== [] && count($depths) === count($on)) {
                $ledges[] = new Ledge(($from + $to) / 2, array_sum($depths) / count($depths), $from - $to);
            }
        }

        return $ledges;
    }

    /**
     * @param  list<SectionPoint>  $points
     * @return list<float>
     */
    private static function known(array $points): array
    {
        $depths = array_map(static fn (SectionPoint $point): ?float => $point->depthM, $points);

        return array_values(array_filter($depths, static fn (?float $depth): bool => $depth !== null));
    }

    /** m deep so far along it; null where nothing is known */
    public function depthAt(float $alongM): ?float
    {
        $steps = count($this->points) - 1;
        $at = max(0.0, min((float) $steps, $alongM / max(self::TINY, $this->lengthM) * $steps));
        $before = $this->points[(int) floor($at)]->depthM;
        $after = $this->points[min($steps, (int) floor($at) + 1)]->depthM;

        return $before === null || $after === null ? null : $before + ($at - floor($at)) * ($after - $before);
    }

    /**
     * How a ledge is reached from a stand: line out with the bail closed so that the lure swings in onto it, and how far past
     * the ledge that is on the surface.
     *
     * @return array{lineM: float, pastM: float}
     */
    public static function castTo(float $awayM, float $depthM): array
    {
        $line = hypot($awayM, $depthM);

        return ['lineM' => $line, 'pastM' => $line - $awayM];
    }
}
