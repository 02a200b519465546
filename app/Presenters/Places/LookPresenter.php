<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Data\Places\LookPlaceData;
use App\Models\Edge;
use App\Models\Water;
use App\Places\SectionLine;
use App\Places\WaterChart;
use App\Rows\Placing;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Chart\ChartDay;
use Eskith\Core\Choosing\FoundThere;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Choosing\WhereToLook;
use Eskith\Core\Water\Lee;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\Relief\Structure;
use Eskith\Core\Water\Relief\StructureKind;
use Eskith\Core\Water\Season;
use Eskith\Core\Water\WindFrom;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\EdgeKind;
use Eskith\Telling\Enums\MarkKind;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Support\Carbon;

/** What of a water to look at first, in words. */
final readonly class LookPresenter
{
    private const LISTED = 5;

    /** Of one kind, before others are listed. */
    private const OF_A_KIND = 2;

    /** Days after which a weed edge that was seen says nothing any more: weed grows and dies within a season. */
    public const OLD_DAYS = 30;

    /** m within which a wall that was drawn and one that was found are the same. */
    private const SAME_M = 40.0;

    /** m beside a line at which it is as deep as a boat beside it finds. */
    private const BOAT_M = 5.0;

    /** m to each side of a slope that its section shows. */
    private const ACROSS_M = 26.0;

    /** m from a shore at which its water is looked for. */
    private const BESIDE_M = [8.0, 16.0, 30.0, 50.0, 80.0];

    /** @param  array<string, float>  $weights  of what speaks for a place, by its id, where it is not 1 */
    public function __construct(
        private Water $water, private ReadingBook $book, private UnitFormat $say, private array $weights = [],
    ) {
    }

    /** The lee of the wind as it was read; null while its direction was not. */
    public function lee(): ?Lee
    {
        $from = WindFrom::tryFrom((string) $this->book->text('wind_from'));
        $shores = $this->water->edges->filter(static fn (Edge $edge): bool => $edge->kind === EdgeKind::Shore);

        return $from === null ? null : new Lee(
            array_values($shores->map(static fn (Edge $edge): array => Placing::line($edge->points))->all()), $from->degrees(),
        );
    }

    /**
     * Pieces of a shore whose water lies in the lee: by what was sounded beside it.
     *
     * @param  list<Position>  $shore
     * @return list<list<float>> m east and north, one after the other
     */
    public function leePieces(array $shore, WaterChart $charted): array
    {
        $lee = $this->lee();
        $pieces = [];
        for ($i = 1; $lee !== null && $i < count($shore); $i++) {
            [$from, $to] = [$shore[$i - 1], $shore[$i]];
            if (self::waterBeside($from, $to, $lee, $charted)) {
                $pieces[] = [$from->east, $from->north, $to->east, $to->north];
            }
        }

        return $pieces;
    }

    private static function waterBeside(Position $from, Position $to, Lee $lee, WaterChart $charted): bool
    {
        $middle = $from->plus(($to->east - $from->east) / 2, ($to->north - $from->north) / 2);
        $square = $from->bearingTo($to) + 90.0;
        foreach (self::BESIDE_M as $away) {
            foreach ([$square, $square + 180.0] as $bearing) {
                $there = $middle->onward($bearing, $away);
                if (($charted->known->valueAt($there->east, $there->north) ?? -1.0) > 0.0) {
                    return $lee->shelters($there) === true;
                }
            }
        }

        return false;
    }

    /** Which shore comes first, and what the others say; '' while nobody knows where the wind is from. */
    public function shore(): string
    {
        $school = $this->book->settings->schools->shore;

        return $this->lee() === null ? '' : "{$school->says()}. {$school->other()->inShort()}.";
    }

    /** @return list<LookPlaceData> the best first */
    public function all(WaterChart $charted, float $levelM): array
    {
        $lee = $this->lee();
        $looks = WhereToLook::among(
            array_map(
                static fn (Structure $one): Structure => $one->under($levelM),
                [...$charted->structures, ...$this->besideDeep($charted), ...$this->drawn($charted)],
            ),
            new ChartDay(
                tempC: $this->book->si('temp'), species: Species::tryFrom((string) $this->book->text('species')) ?? Species::Walleye,
                season: Season::of(Carbon::now()->month, $this->water->latitude),
                falling: $this->book->text('level_trend') === 'falling', found: $this->found(),
                sheltered: static fn (Structure $one): ?bool => $lee?->shelters($one->at), say: $this->say,
                school: $this->book->settings->schools->shore,
            ),
            $this->weights,
        );
        $where = Whereabouts::on($this->water, $this->say);
        $listed = [];
        $counts = [];
        foreach ($looks as $look) {
            $kind = $look->structure->kind->value;
            $counts[$kind] = ($counts[$kind] ?? 0) + 1;
            if ($counts[$kind] <= self::OF_A_KIND && count($listed) < self::LISTED) {
                $at = $look->structure->at;
                $listed[] = new LookPlaceData(
                    kind: $kind, title: $this->title($look->structure), where: $where->of($at), reasons: $look->reasons,
                    x: round($at->east, 1), y: round($at->north, 1), line: self::across($look->structure),
                );
            }
        }

        return $listed;
    }

    private static function across(Structure $structure): ?string
    {
        return $structure->fallsDeg === null ? null : SectionLine::text([
            $structure->at->onward($structure->fallsDeg + 180.0, self::ACROSS_M),
            $structure->at->onward($structure->fallsDeg, self::ACROSS_M),
        ]);
    }

    /** @return list<Structure> */
    private function besideDeep(WaterChart $charted): array
    {
        return $charted->besideDeep($this->water, $this->hard());
    }

    /**
     * Walls and weed edges as they were drawn, as deep as it is beside them.
     *
     * @return list<Structure>
     */
    private function drawn(WaterChart $charted): array
    {
        $drawn = [];
        foreach ($this->water->edges as $edge) {
            $line = Placing::line($edge->points);
            $kind = $edge->kind?->structure();
            // Weed grows and dies: what was seen long ago is no place to look at.
            if ($kind === StructureKind::Weed && $edge->seen_on->diffInDays(Carbon::now()) > self::OLD_DAYS) {
                continue;
            }
            $depths = $kind === null || count($line) < 2 ? [] : $this->beside($line, $charted);
            if ($kind === null || $depths === []) {
                continue;
            }
            $half = intdiv(count($line) - 1, 2);
            $middle = $line[$half]->plus(
                ($line[$half + 1]->east - $line[$half]->east) / 2, ($line[$half + 1]->north - $line[$half]->north) / 2,
            );
            // One that was found from the soundings is told with more.
            $found = array_filter($charted->structures, static fn (Structure $one): bool => $one->kind === $kind
                && array_filter([...$line, $middle], static fn (Position $at): bool => $at->distanceTo($one->at) <= self::SAME_M) !== []);
            if ($found === []) {
                $deep = max($depths);
                $drawn[] = new Structure($kind, $middle, $deep, $kind === StructureKind::Wall ? 0.0 : min($depths), $deep);
            }
        }

        return $drawn;
    }

    /**
     * @param  list<Position>  $line  at least two
     * @return list<float> m deep below the zero, a boat's length to both sides of each piece
     */
    private function beside(array $line, WaterChart $charted): array
    {
        $depths = [];
        for ($i = 1; $i < count($line); $i++) {
            $middle = $line[$i - 1]->plus(($line[$i]->east - $line[$i - 1]->east) / 2, ($line[$i]->north - $line[$i - 1]->north) / 2);
            foreach ([90.0, -90.0] as $turn) {
                $there = $middle->onward($line[$i - 1]->bearingTo($line[$i]) + $turn, self::BOAT_M);
                $depths[] = $charted->depths->valueAt($there->east, $there->north);
            }
        }

        return array_values(array_filter($depths, static fn (?float $depth): bool => $depth !== null));
    }

    private function title(Structure $structure): string
    {
        $depth = $this->say->depth(max(0.0, $structure->depthM));
        $word = ucfirst($structure->kind->word());

        return match (true) {
            $structure->kind !== StructureKind::Wall => Words::of('{word} at {depth}', word: $word, depth: $depth),
            $structure->steepDeg === null => Words::of('{word} down to {depth}', word: $word, depth: $depth),
            default => Words::of(
                '{word}, {depth} to {bottom}', word: $word, depth: $depth, bottom: $this->say->depth($structure->bottomM),
            ),
        };
    }

    /** @return list<Position> where the bottom is known to be hard */
    private function hard(): array
    {
        $hard = [];
        foreach ($this->water->spots as $spot) {
            $hard[] = $spot->bottom?->isHard() === true ? Placing::spot($spot) : null;
        }
        foreach ($this->water->marks as $mark) {
            $hard[] = $mark->bottom?->isHard() === true ? Placing::position($mark->east_m, $mark->north_m) : null;
        }

        return array_values(array_filter($hard));
    }

    /** @return list<FoundThere> */
    private function found(): array
    {
        $found = [];
        foreach ($this->water->marks as $mark) {
            if ($mark->kind?->isFish() === true || $mark->kind === MarkKind::Snag) {
                $found[] = new FoundThere(new Position($mark->east_m, $mark->north_m), $mark->kind->isFish(), $mark->at->toDateString());
            }
        }

        return $found;
    }
}
