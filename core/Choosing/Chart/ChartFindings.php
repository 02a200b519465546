<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Chart;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\FoundThere;
use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Water\Relief\Structure;
use Eskith\Core\Water\Relief\StructureKind;
use Eskith\Core\Water\Season;
use Eskith\Core\Words\Words;

/**
 * What speaks for looking at a part of a bottom first, each defined once, in the order in which it is told. Points are
 * estimates; they only order the list.
 */
final class ChartFindings
{
    /** m: fish of cold water sit along walls between these depths. */
    private const WALL_M = [3.0, 12.0];

    /** @return list<ChartFinding> */
    public static function all(): array
    {
        return [
            new ChartFinding('L1', 'Fish that were marked near it, by days.', 2.0, self::fishMarked(...)),
            new ChartFinding('L2', 'Snags that were marked near it count against it.', 0.6, self::snagsMarked(...)),
            self::kind('L3', 'A ledge on a wall.', StructureKind::Ledge, 2.5, static fn (Structure $at, ChartDay $day): array => [
                2.5, Words::of('on a wall that falls {falls}', falls: $day->say->depth($at->fallM())),
            ]),
            self::kind('L4', 'A wall.', StructureKind::Wall, 2.0, static fn (Structure $at, ChartDay $day): array => [
                2.0, $at->steepDeg === null
                    ? 'a wall that you drew'
                    : Words::of(
                        'falls {falls}, up to {steep}', falls: $day->say->depth($at->fallM()), steep: $day->say->angle($at->steepDeg),
                    ),
            ]),
            self::kind('L5', 'An edge, the more the farther it drops.', StructureKind::Edge, 3.0,
                static fn (Structure $at, ChartDay $day): array => [
                    2.0 + min(1.0, $at->fallM() / 6.0),
                    Words::of(
                        $day->isCold() ? 'drops {falls}, down to {bottom}, where they winter' : 'drops {falls}, down to {bottom}',
                        falls: $day->say->depth($at->fallM()), bottom: $day->say->depth($at->bottomM),
                    ),
                ]),
            self::kind('L6', 'A hump.', StructureKind::Hump, 1.8, static fn (Structure $at, ChartDay $day): array => [
                1.8, Words::of('stands {bottom} above what is around it', bottom: $day->say->depth($at->bottomM - $at->depthM)),
            ]),
            self::kind('L7', 'A saddle between two humps.', StructureKind::Saddle, 1.6, static fn (): array => [
                1.6, 'fish cross between two humps here',
            ]),
            self::kind('L8', 'A hole.', StructureKind::Hole, 0.8, static fn (): array => [0.8, 'the deepest around']),
            self::kind('L9', 'The outer edge of weed.', StructureKind::Weed, 1.4, static fn (): array => [
                1.4, 'the outer edge, as you saw it last',
            ]),
            self::kind('L10', 'Hard bottom, the more the deeper it is close by.', StructureKind::Hard, 2.5,
                static fn (Structure $at, ChartDay $day): array => [
                    1.7 + min(0.8, $at->fallM() / 8.0), Words::of(
                        'hard bottom with {bottom} close by', bottom: $day->say->depth($at->bottomM),
                    ),
                ]),
            new ChartFinding('L11', 'In the cold fish sit along steep rock within reach.', 1.5, self::coldRock(...)),
            new ChartFinding('L12', 'Bream keep to walls, poles and weed edges.', 1.5,
                static fn (Structure $at, ChartDay $day): ?Verdict => $day->species !== Species::Bream ? null : match ($at->kind) {
                    StructureKind::Wall => Verdict::of(1.5, 'bream keep to walls and poles'),
                    StructureKind::Weed => Verdict::of(1.3, 'bream keep to weed edges'),
                    StructureKind::Ledge, StructureKind::Edge, StructureKind::Hump, StructureKind::Saddle, StructureKind::Hole,
                    StructureKind::Hard => null,
                }),
            new ChartFinding('L13', 'Once it is warmer than very cold, humps.', 0.7,
                static fn (Structure $at, ChartDay $day): ?Verdict => $at->kind === StructureKind::Hump
                    && $day->band !== null && ! $day->band->atMost(TempBand::VeryCold)
                    ? Verdict::of(0.7, 'warm enough for them to be up on it') : null),
            new ChartFinding('L14', 'As the water falls fish gather in the holes that remain.', 1.8,
                static fn (Structure $at, ChartDay $day): ?Verdict => $at->kind === StructureKind::Hole && $day->falling
                    ? Verdict::of(1.8, 'as water falls they gather in the holes') : null),
            new ChartFinding('L15', 'Each season draws them elsewhere.', 0.7, self::season(...)),
            new ChartFinding('L16', 'In a wind one shore comes before the other, by your school.', 0.5,
                static function (Structure $at, ChartDay $day): ?Verdict {
                    $lee = ($day->sheltered)($at);
                    $reason = $lee === null ? null : $day->school->reason($lee);

                    return $reason === null ? null : Verdict::of(0.5, $reason);
                }),
        ];
    }

    public static function has(string $id): bool
    {
        return in_array($id, array_column(self::all(), 'id'), true);
    }

    /** @param  \Closure(Structure, ChartDay): array{float, string}  $tell  points and reason for one of that kind */
    private static function kind(string $id, string $says, StructureKind $kind, float $stake, \Closure $tell): ChartFinding
    {
        return new ChartFinding($id, $says, $stake, static fn (Structure $at, ChartDay $day): ?Verdict => $at->kind === $kind
            ? Verdict::of(...$tell($at, $day)) : null);
    }

    private static function fishMarked(Structure $at, ChartDay $day): ?Verdict
    {
        $fish = $day->near($at->at, true);
        $days = count(array_unique(array_map(static fn (FoundThere $one): string => $one->day, $fish)));

        return Verdict::of(
            min(2.0, 0.7 * $days), '{fish} fish marked here on {days|one day|# days}', fish: count($fish), days: $days,
        );
    }

    private static function snagsMarked(Structure $at, ChartDay $day): ?Verdict
    {
        $snags = count($day->near($at->at, false));

        return Verdict::of(-min(0.6, 0.2 * $snags), $snags === 1 ? 'a snag near it' : Words::of('{snags} snags near it', snags: $snags));
    }

    private static function coldRock(Structure $at, ChartDay $day): ?Verdict
    {
        $inReach = $day->isCold() && $at->depthM >= self::WALL_M[0] && $at->depthM <= self::WALL_M[1];

        return match (true) {
            ! $inReach => null,
            $at->kind === StructureKind::Ledge => Verdict::of(1.5, 'cold fish sit on ledges of steep rock'),
            $at->kind === StructureKind::Wall => Verdict::of(1.0, 'steep rock holds them in the cold'),
            default => null,
        };
    }

    private static function season(Structure $at, ChartDay $day): ?Verdict
    {
        return match ([$at->kind, $day->season]) {
            [StructureKind::Edge, Season::Autumn] => Verdict::of(0.5, 'autumn draws them to drop-offs'),
            [StructureKind::Ledge, Season::Winter],
            [StructureKind::Wall, Season::Winter] => Verdict::of(0.5, 'winter fish hold along steep rock'),
            [StructureKind::Hole, Season::Winter] => Verdict::of(0.4, 'winter takes them deep'),
            [StructureKind::Hump, Season::Spring],
            [StructureKind::Hard, Season::Spring] => Verdict::of(0.6, 'spring brings them up'),
            [StructureKind::Weed, Season::Summer] => Verdict::of(0.7, 'green weed holds them in summer'),
            [StructureKind::Saddle, Season::Summer] => Verdict::of(0.4, 'they travel in summer'),
            default => null,
        };
    }
}
