<?php

declare(strict_types=1);

namespace Eskith\Telling\Work;

use Eskith\Core\Cadence\HopCast;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Cadence\Steps;
use Eskith\Core\Cadence\TimeBudget;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\Swing;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Data\Work\ShareData;
use Eskith\Telling\Kit;

/** Where an hour goes with a lure and a cadence, and what another weight or family would save of it. */
final readonly class HourPresenter
{
    /** s that a drop is worked before it is brought up, until today's log tells. Estimate. */
    private const WORK_S = 240.0;

    /** s of an hour from which a saving is worth a word. */
    private const WORTH_S = 60.0;

    private Candidate $candidate;

    private float $depthM;

    private ?TimeBudget $hour;

    private float $fishPerHour;

    private ?float $dropEveryS;

    public function __construct(Kit $kit, private SingleDrop $drop, private Steps $steps, private ?Repeat $repeat)
    {
        $this->candidate = $drop->candidate();
        $this->depthM = $drop->situation->columnIfStill->depthM ?? 0.0;
        $pace = $kit->hand->pace();
        [$this->fishPerHour, $this->dropEveryS] = [$pace?->fishPerHour($drop->book->now) ?? 0.0, $pace?->dropEveryS];
        $this->hour = $repeat === null ? null : $this->of($drop->lure);
    }

    /** @return list<ShareData> */
    public function shares(): array
    {
        if ($this->hour === null) {
            return [];
        }

        return array_map(static fn (array $part): ShareData => new ShareData($part[0], $part[1] / 3600, self::minutes($part[1])), [
            ['sinking', $this->hour->sinkingS], ['working', $this->hour->workingS], ['winding in', $this->hour->retrievingS],
            ['unhooking', $this->hour->unhookingS],
        ]);
    }

    public function sentence(): string
    {
        if ($this->hour === null) {
            return '';
        }
        $drops = round($this->hour->drops);
        $what = $this->vertical() ? ($this->dropEveryS === null ? 'drops, each worked for 4 minutes' : "drops at today's pace") : 'casts';

        return Words::of(
            '{working} of each hour are fished: {drops} {what}. Winding, casting and unhooking are estimated.',
            working: $this->minutes($this->hour->workingS), drops: $drops, what: $what,
        );
    }

    /** @return list<string> */
    public function saves(): array
    {
        if ($this->hour === null) {
            return [];
        }
        $lure = $this->drop->lure;
        $names = new LureNames($this->drop->situation->say);
        $series = WeightSteps::series($this->drop->situation->aim->species);
        $heavier = array_values(array_filter($series, static fn (float $kg): bool => $kg > 1.02 * $lure->massKg))[0] ?? null;
        $others = [
            ...($heavier === null ? [] : [$lure->weighing($heavier)]),
            ...array_map(
                static fn (Family $family): Lure => Lure::of($family->value, $family, $lure->massKg, $lure->finish),
                array_values(array_filter(Family::cases(), static fn (Family $family): bool => $family !== $lure->family)),
            ),
        ];
        $told = [];
        foreach ($others as $other) {
            $saved = $this->of($other)->workingS - $this->hour->workingS;
            if ($saved >= self::WORTH_S) {
                $told[] = Words::of(
                    'With {other} you fish {saved} more of each hour.', other: $names->title($other), saved: $this->minutes($saved),
                );
            }
        }

        return $told === [] ? ['No heavier weight or other family would save a minute.'] : $told;
    }

    private function of(Lure $lure): TimeBudget
    {
        $situation = $this->drop->situation;
        $column = $situation->columnIfStill ?? throw new \LogicException('There is no repeat without a depth.');
        $same = $lure->family === $this->drop->lure->family;
        $hang = $same ? $this->candidate->hangAngleDeg : null;
        if ($this->vertical()) {
            $sink = Fall::of(
                $lure->body, Falling::toTheBottom($situation, $lure, $same ? $this->candidate->hole() : null, $hang), $column,
            )->seconds;
            $work = $this->dropEveryS === null ? self::WORK_S : max(0.0, $this->dropEveryS - $sink - $this->depthM / TimeBudget::WIND_MS);

            return TimeBudget::of($sink, $work, $this->depthM, false, $this->fishPerHour);
        }
        $line = max($situation->aim->castM, $this->depthM * 1.05);
        $swing = Swing::of($lure->body, Attitude::tight($lure->family, $hang), $column, $line);
        $each = $this->repeat->seconds ?? 1.0;
        $cast = HopCast::of($line, $this->depthM, max(0.02, $this->steps->liftM), ! $this->steps->fall->isSlack(), $each, 0.0);

        return TimeBudget::of($swing->seconds, $cast->seconds, max(0.0, $this->depthM), true, $this->fishPerHour);
    }

    private function vertical(): bool
    {
        return $this->drop->situation->vertical();
    }

    private static function minutes(float $seconds): string
    {
        return $seconds < 90 ? round($seconds)."\u{A0}s" : round($seconds / 60)."\u{A0}min";
    }
}
