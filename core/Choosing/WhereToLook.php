<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Care\Species;
use Eskith\Core\Water\Relief\Structure;
use Eskith\Core\Water\Relief\StructureKind;
use Eskith\Core\Water\Season;

/**
 * Which parts of a bottom to look at first, with reasons: by what they are, the temperature, how the water goes, what is known
 * there, and the wind. Points are estimates; they only order the list.
 */
final readonly class WhereToLook
{
    /** m: fish of cold water sit along walls between these depths. */
    private const WALL_M = [3.0, 12.0];

    /** m around a place within which a mark speaks for it. */
    private const NEAR_M = 25.0;

    /** Points for the shore that comes first in a wind. Estimate. */
    private const SHORE = 0.5;

    /** @param  list<string>  $reasons */
    private function __construct(public Structure $structure, public float $points, public array $reasons)
    {
    }

    /**
     * @param  list<Structure>  $structures
     * @param  list<FoundThere>  $found  what is known by marks
     * @param  \Closure(Structure): (bool|null)  $sheltered  whether it lies in the lee; null where nobody knows
     * @return list<self> the best first
     */
    public static function among(
        array $structures, ?float $tempC, Species $species, Season $season, bool $falling, array $found, \Closure $sheltered,
        UnitFormat $say, ShoreSchool $school = ShoreSchool::Lee,
    ): array {
        $looks = [];
        foreach ($structures as $structure) {
            [$points, $reasons] = self::byKind($structure, $tempC, $species, $falling, $say);
            [$more, $known] = self::byRecord($structure, $found);
            [$turn, $because] = self::bySeason($structure->kind, $season);
            [$points, $reasons] = [$points + $turn, $because === null ? $reasons : [...$reasons, $because]];
            $lee = $sheltered($structure);
            $shore = $lee === null ? null : $school->reason($lee);
            $reasons = $shore === null ? $reasons : [...$reasons, $shore];
            $looks[] = new self($structure, $points + $more + ($shore === null ? 0.0 : self::SHORE), [...$known, ...$reasons]);
        }
        usort($looks, static fn (self $a, self $b): int => $b->points <=> $a->points);

        return $looks;
    }

    /** @return array{float, list<string>} */
    private static function byKind(Structure $structure, ?float $tempC, Species $species, bool $falling, UnitFormat $say): array
    {
        $band = $tempC === null ? null : TempBand::of($tempC);
        $cold = $band !== null && $band->atMost(TempBand::Cold);
        $fall = $say->depth($structure->fallM());
        $inReach = $structure->depthM >= self::WALL_M[0] && $structure->depthM <= self::WALL_M[1];

        return match ($structure->kind) {
            StructureKind::Ledge => [
                2.5 + ($cold && $inReach ? 1.5 : 0.0),
                ['on a wall that falls '.$fall, ...($cold && $inReach ? ['cold fish sit on ledges of steep rock'] : [])],
            ],
            StructureKind::Wall => [
                2.0 + ($cold && $inReach ? 1.0 : 0.0) + ($species === Species::Bream ? 1.5 : 0.0),
                [
                    $structure->steepDeg === null ? 'a wall that you drew' : 'falls '.$fall.', up to '.$say->angle($structure->steepDeg),
                    ...($species === Species::Bream ? ['bream keep to walls and poles'] : []),
                    ...($cold && $species !== Species::Bream ? ['steep rock holds them in the cold'] : []),
                ],
            ],
            StructureKind::Edge => [
                2.0 + min(1.0, $structure->fallM() / 6.0),
                ['drops '.$fall.', down to '.$say->depth($structure->bottomM), ...($cold ? ['beside deep water, where they winter'] : [])],
            ],
            StructureKind::Hump => [
                1.8 + ($band !== null && ! $band->atMost(TempBand::VeryCold) ? 0.7 : 0.0),
                ['stands '.$say->depth($structure->bottomM - $structure->depthM).' above what is around it'],
            ],
            StructureKind::Saddle => [1.6, ['fish cross between two humps here']],
            StructureKind::Hole => [
                $falling ? 2.6 : 0.8,
                [$falling ? 'as the water falls they gather in the holes that remain' : 'the deepest around'],
            ],
            StructureKind::Weed => [
                1.4 + ($species === Species::Bream ? 1.3 : 0.0),
                ['the outer edge, as you saw it last', ...($species === Species::Bream ? ['bream keep to weed edges'] : [])],
            ],
            StructureKind::Hard => [
                1.7 + min(0.8, $structure->fallM() / 8.0),
                ['hard bottom with '.$say->depth($structure->bottomM).' close by'],
            ],
        };
    }

    /** @return array{float, string|null} */
    private static function bySeason(StructureKind $kind, Season $season): array
    {
        return match ([$kind, $season]) {
            [StructureKind::Edge, Season::Autumn] => [0.5, 'autumn draws them to drop-offs'],
            [StructureKind::Ledge, Season::Winter], [StructureKind::Wall, Season::Winter] => [0.5, 'winter fish hold along steep rock'],
            [StructureKind::Hole, Season::Winter] => [0.4, 'winter takes them deep'],
            [StructureKind::Hump, Season::Spring], [StructureKind::Hard, Season::Spring] => [0.6, 'spring brings them up'],
            [StructureKind::Weed, Season::Summer] => [0.7, 'green weed holds them in summer'],
            [StructureKind::Saddle, Season::Summer] => [0.4, 'they travel in summer'],
            default => [0.0, null],
        };
    }

    /**
     * @param  list<FoundThere>  $found
     * @return array{float, list<string>}
     */
    private static function byRecord(Structure $structure, array $found): array
    {
        $near = array_filter($found, static fn (FoundThere $one): bool => $one->at->distanceTo($structure->at) <= self::NEAR_M);
        $fish = array_filter($near, static fn (FoundThere $one): bool => $one->fish);
        $days = count(array_unique(array_map(static fn (FoundThere $one): string => $one->day, $fish)));
        $snags = count($near) - count($fish);
        $reasons = [];
        if ($fish !== []) {
            $reasons[] = count($fish).' fish marked here on '.($days === 1 ? 'one day' : "{$days} days");
        }
        if ($snags > 0) {
            $reasons[] = $snags === 1 ? 'a snag near it' : "{$snags} snags near it";
        }

        return [min(2.0, 0.7 * $days) - min(0.6, 0.2 * $snags), $reasons];
    }
}
