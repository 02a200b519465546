<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Data\Places\LedgeData;
use App\Data\Places\SectionData;
use App\Models\User;
use App\Models\Water;
use App\Places\SectionLine;
use App\Places\WaterChart;
use App\Rows\TideAndLight;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Relief\Ledge;
use Eskith\Core\Water\Relief\Section;
use Eskith\Core\Water\Relief\SectionPoint;
use Eskith\Core\Words\Words;
use Illuminate\Support\Carbon;

/** The bottom below a line in a sentence, as it is drawn, and how its ledges are reached. */
final readonly class SectionPresenter
{
    /** Points of a section that are drawn. */
    private const DRAWN = 240;

    private UnitFormat $say;

    public function __construct(private User $user, private Water $water)
    {
        $this->say = new UnitFormat($user->settings()->units);
    }

    /** @throws InvalidInput when the line is none, or nothing is sounded */
    public function of(string $text): SectionData
    {
        $line = SectionLine::parse($text);
        $section = SectionLine::section($this->water, $line, WaterChart::of($this->water));
        $level = TideAndLight::overWater($this->water)->levelM(Carbon::now());
        $deepest = ($section->deepestM ?? 0.0) + $level;
        $stand = self::stand($section);
        $where = Whereabouts::on($this->water->loadMissing('spots'), $this->say);
        $step = max(1, intdiv(count($section->points), self::DRAWN));
        $drawn = array_values(array_filter(
            $section->points, static fn (int $i): bool => $i % $step === 0 || $i === count($section->points) - 1, ARRAY_FILTER_USE_KEY,
        ));

        return new SectionData(
            sentence: $this->sentence($section, $where->of($line[0])), words: $this->words($section), line: SectionLine::text($line),
            lengthM: $section->lengthM, along: array_map(static fn (SectionPoint $point): float => round($point->alongM, 2), $drawn),
            depths: array_map(
                static fn (SectionPoint $point): ?float => $point->depthM === null ? null : round($point->depthM + $level, 2), $drawn
            ),
            deepM: $deepest, walls: $section->walls,
            ledges: array_map(fn (Ledge $ledge): LedgeData => $this->ledge($ledge, $stand, $level), $section->ledges),
            standM: $stand, fish: $section->deepestM === null ? '' : $this->fish($section, $deepest),
        );
    }

    private function sentence(Section $section, string $where): string
    {
        if ($section->shallowestM === null || $section->deepestM === null) {
            return 'Nothing is sounded below this line';
        }
        $drop = $this->say->depth($section->deepestM - $section->shallowestM);
        $far = $this->far($section->lengthM);
        $isFlat = $section->deepestM - $section->shallowestM < 0.4;

        return Words::of(
            match (true) {
                $isFlat && $where === '' => 'Flat for {far}',
                $isFlat => 'Flat for {far}, from {from}',
                $where === '' => 'Drops {drop} in {far}',
                default => 'Drops {drop} in {far}, from {from}',
            },
            drop: $drop, far: $far, from: (string) preg_replace('/^at /', '', $where),
        );
    }

    private function words(Section $section): string
    {
        $count = count($section->ledges);
        $ledges = match ($count) {
            0 => $section->walls === [] ? 'no wall' : 'a wall without a ledge',
            1 => 'one ledge',
            default => Words::of('{count} ledges', count: $count),
        };

        return $section->steepestDeg === null ? '' : Words::of(
            'steepest {steepest}, {ledges}', steepest: $this->say->angle($section->steepestDeg), ledges: $ledges,
        );
    }

    private function ledge(Ledge $ledge, float $stand, float $level): LedgeData
    {
        $depth = $ledge->depthM + $level;
        $cast = Section::castTo(abs($stand - $ledge->alongM), $depth);
        $aim = $ledge->alongM + ($ledge->alongM < $stand ? -1 : 1) * $cast['pastM'];

        return new LedgeData(
            alongM: round($ledge->alongM, 2), depthM: round($depth, 2), text: Words::of(
                'ledge, {depth}', depth: $this->say->depth($depth),
            ),
            aimAlongM: round($aim, 2),
            cast: Words::of(
                'Bail closed, {line} of line lands on the ledge at {depth}: aim {past} past it.',
                line: $this->far($cast['lineM']), depth: $this->say->depth($depth), past: $this->far($cast['pastM']),
            ),
        );
    }

    private function fish(Section $section, float $deepest): string
    {
        $ledges = count($section->ledges);

        return Words::list(array_values(array_filter([
            Words::of('Sets the depth to {depth}', depth: $this->say->depth($deepest)),
            $section->walls === [] ? '' : 'sets the wall to steep',
            $ledges === 0 ? '' : Words::of('lays out {ledges|its ledge|its # ledges} as a plan', ledges: $ledges),
        ]))).'.';
    }

    /** One stands over the deeper end of what is known and casts toward the shallow. */
    private static function stand(Section $section): float
    {
        $known = array_values(array_filter($section->points, static fn (SectionPoint $point): bool => $point->depthM !== null));
        [$first, $last] = [$known[0] ?? null, $known[count($known) - 1] ?? null];

        return $first === null || $last === null ? 0.0 : round($last->depthM >= $first->depthM ? $last->alongM : $first->alongM, 2);
    }

    private function far(float $metres): string
    {
        $unit = $this->say->units->depth;

        return round($unit->fromSi($metres))."\u{00A0}".$unit->symbol();
    }
}
