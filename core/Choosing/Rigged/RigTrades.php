<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Drop\VerticalLimits;
use Eskith\Core\Rig\Fouling;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Words\Words;

/** What one rig trades against another with the same lure here. */
final readonly class RigTrades
{
    public function __construct(private RigReport $mine, private RigReport $theirs)
    {
    }

    /** @return list<string> a few words each */
    public function words(): array
    {
        [$me, $other] = [$this->mine, $this->theirs];
        $fouls = static fn (RigReport $report): float => Fouling::score($report->fouls());
        [$mine, $theirs] = [$me->lost->lostM ?? 0.0, $other->lost->lostM ?? 0.0];
        [$near, $far] = [$me->hooksToM() ?? 0.0, $other->hooksToM() ?? 0.0];
        [$weak, $strong] = [$me->chain->holdsN, $other->chain->holdsN];

        return array_values(array_filter([
            self::than($mine, $theirs, 'starts sooner', 'starts later'),
            self::than($far, $near, 'hooks deeper', 'hooks less deep'),
            self::than($fouls($me), $fouls($other), 'fouls less', 'fouls more'),
            self::than($strong, $weak, 'holds more', 'holds less: costs lures'),
            self::steps($me, $other),
            $me->rig->connector === $other->rig->connector ? null : $me->rig->connector->trades(),
            self::than((float) $me->rig->line->material->ices(), (float) $other->rig->line->material->ices(), 'ices less', 'ices more'),
        ]));
    }

    /** How many weight steps the thickness of this line costs or saves here; null where it is none, or not known. */
    private static function steps(RigReport $me, RigReport $other): ?string
    {
        [$mine, $theirs] = [self::leastStep($me), self::leastStep($other)];
        $more = $mine === null || $theirs === null ? 0 : $mine - $theirs;
        $count = abs($more) === 1 ? 'a weight step' : Words::of('{more} weight steps', more: abs($more));

        return $more === 0 ? null : ($more > 0 ? Words::of('costs {count}', count: $count) : Words::of('saves {count}', count: $count));
    }

    /** Place in the fish's series of the lightest weight that stays straight down on this line. */
    private static function leastStep(RigReport $report): ?int
    {
        $column = $report->situation->vertical() ? $report->column() : null;
        if ($column === null) {
            return null;
        }
        foreach (WeightSteps::series($report->situation->aim->species) as $step => $kg) {
            if (VerticalLimits::isVertical(Body::of($report->candidate->lure->family, $kg), $column)) {
                return $step;
            }
        }

        return null;
    }

    /** Which of two words a difference deserves; null when it is not worth a word. */
    private static function than(float $mine, float $theirs, string $less, string $more): ?string
    {
        return abs($mine - $theirs) <= 0.05 * max(abs($mine), abs($theirs)) ? null : ($mine < $theirs ? $less : $more);
    }
}
