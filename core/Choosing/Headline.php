<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Drop\VerticalLimits;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Mass;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;

/** The answer to what to tie on, as it could be said aloud in the boat. */
final readonly class Headline
{
    /** m: thinner line nobody fishes these lures on. */
    private const THINNEST_LINE_M = 0.0001;

    private LureNames $names;

    public function __construct(private Situation $situation)
    {
        $this->names = new LureNames($situation->say);
    }

    /**
     * Headline and the sentence under it.
     *
     * @param  list<Pick>  $ranked
     * @param  list<Lure>  $box
     * @param  Chooser|null  $chooser  who ranked it; without one nothing is said of what would do better
     * @param  bool  $move  whether it is time to leave the spot: that goes before everything else
     * @return array{string, string}
     */
    public function of(array $ranked, array $box, ?Chooser $chooser = null, bool $move = false): array
    {
        $silent = $chooser?->book->isSilent() ?? false;
        $chooser = $silent ? null : $chooser;
        if ($box === []) {
            return ['Your box is empty', Words::sentences(
                'Put in the lures you own, and Eskith chooses among them.',
                $chooser === null ? '' : Words::of(
                    'For this water {lure} would do.',
                    lure: self::article($this->names->lure(IdealLure::best($chooser, $this->situation)->lure)),
                ),
            )];
        }
        if ($ranked === []) {
            $how = $this->situation->aim->how->word();

            return [
                'Nothing in your box is worked this way',
                Words::of('None of your lures has a {how} cadence. Change how you fish, or add a blade or a spoon.', how: $how),
            ];
        }
        $first = $ranked[0]->candidate;
        if ($move) {
            return [
                'Move: no bite here for long enough',
                Words::of('If you stay, tie on the {lure}. Start with it at the new spot too.', lure: $this->names->lure($first->lure)),
            ];
        }
        if ($this->situation->vertical() && $this->situation->column !== null && $this->holding($box) === 0) {
            return ['Nothing you own stays straight down here', $this->remedy($first->lure, $first->weighed->lineAngleDeg)];
        }

        if (in_array(Note::WeedEdge, Note::of($ranked, $this->situation), true)) {
            $weedless = array_values(array_filter($ranked, static fn (Pick $pick): bool => $pick->candidate->lure->weedless))[0] ?? null;

            return [
                'Fish the outer edge of the weed',
                $weedless === null
                    ? Words::of(
                        'Bare hooks foul on every lift in there. Along the edge tie on the {lure}. A weedless spoon would come through.',
                        lure: $this->names->lure($first->lure),
                    )
                    : Words::of(
                        'Bare hooks foul on every lift in there. Along the edge tie on the {lure}. Only the weedless {weedless} '
                            .'comes through it.',
                        lure: $this->names->lure($first->lure), weedless: $this->names->lure($weedless->candidate->lure),
                    ),
            ];
        }

        if ($silent) {
            return [
                'Every rule is switched off',
                'The fewest changes from your line come first, then the lighter. Switch rules on again under Rules.',
            ];
        }
        if ($chooser !== null) {
            $would = IdealLure::best($chooser, $this->situation);
            if ($would->shames($ranked[0])) {
                return [
                    'Nothing in your box suits this',
                    Words::of(
                        'It has no {missing}; {lure} would do. {nearest}',
                        missing: $would->missing($box, $this->names),
                        lure: self::article($this->names->lure($would->lure)),
                        nearest: $this->nearest($ranked[0]),
                    ),
                ];
            }
        }

        return [Words::of('Tie on the {lure}', lure: $this->names->lure($first->lure)), $this->lead($box, $first->lure)];
    }

    private function nearest(Pick $first): string
    {
        $reasons = $first->reasons();
        usort($reasons, static fn (Reason $a, Reason $b): int => $a->points <=> $b->points);

        return Words::sentences(
            Words::of('The {lure} comes nearest.', lure: $this->names->lure($first->candidate->lure)),
            $reasons !== [] && $reasons[0]->points < 0 ? $reasons[0]->text : '',
        );
    }

    private static function article(string $named): string
    {
        return (preg_match('/^[aeiou8]/i', $named) === 1 ? 'an ' : 'a ').$named;
    }

    /** Which reading is missing when nothing is known of the flow past the line. */
    public static function unknownFlow(Situation $situation): string
    {
        return $situation->water->currentMs === null
            ? 'Read the current or the line angle to see how the line leans.'
            : 'Read the drift, or say how the boat lies, to see how the line leans.';
    }

    /** @param  list<Lure>  $box */
    private function lead(array $box, Lure $first): string
    {
        $count = count($box);
        if ($this->situation->isFishDepthAssumed() && $this->situation->water->depthM !== null) {
            return Words::of(
                'How deep do they hang? Read it off the sonar; half the depth, {depth}, is taken till then.',
                depth: $this->situation->say->depth((float) $this->situation->fishDepthM()),
            );
        }
        if ($this->situation->column === null && $this->situation->vertical()) {
            return Words::of(
                '{unknownFlow} Until then the weight ignores that.', unknownFlow: self::unknownFlow($this->situation),
            );
        }
        if (! $this->situation->vertical()) {
            $start = WeightSteps::startKg($this->situation->aim);
            $species = $this->situation->aim->species;
            $steps = WeightSteps::index($first->massKg, $species) <=> WeightSteps::index($start, $species);

            return Words::sentences(
                Words::of(
                    $this->situation->onBottom() ? 'Casting here, start with {start}.' : 'Casting to suspended fish, start with {start}.',
                    start: $this->situation->say->weight($start),
                ),
                match ($steps) {
                    0 => '',
                    1 => 'Today a heavier one in your box beats it.',
                    default => 'Today a lighter one in your box beats it.',
                },
            );
        }
        $least = $this->leastHoldingKg($box);
        if ($least !== null) {
            return Words::of(
                $this->situation->water->onFoot ? 'Anything under {least} trails.' : 'Anything under {least} trails behind the boat.',
                least: $this->situation->say->weight($least),
            );
        }
        $holding = $this->holding($box);
        $limit = $this->situation->say->angle(Constants::VERTICAL_LIMIT_DEG);

        return $holding === $count
            ? (
                $count === 1
                    ? Words::of('Your only lure stays within {limit} here.', limit: $limit)
                    : Words::of('All {count} of your lures stay within {limit} of straight down here.', count: $count, limit: $limit)
            )
            : Words::of(
                '{holding} of your {count} lures {holding|stays|stay} within {limit} of straight down here.',
                holding: $holding, count: $count, limit: $limit,
            );
    }

    /** @param  list<Lure>  $box */
    private function holding(array $box): int
    {
        $column = $this->situation->column;

        return $column === null
            ? 0
            : count(array_filter($box, static fn (Lure $lure): bool => VerticalLimits::isVertical($lure->body, $column)));
    }

    /**
     * The weight below which every lure of the box trails; null when none does.
     *
     * @param  list<Lure>  $box
     */
    private function leastHoldingKg(array $box): ?float
    {
        $column = $this->situation->column;
        if ($column === null) {
            return null;
        }
        $least = VerticalLimits::lightestOf(array_map(static fn (Lure $lure): Body => $lure->body, $box), $column)?->massKg;
        $lighter = array_filter($box, static fn (Lure $lure): bool => $least !== null && ! Mass::atLeast($lure->massKg, $least));

        return $lighter === [] ? null : $least;
    }

    /** What would make this lure stay straight down. */
    private function remedy(Lure $lure, ?float $angle): string
    {
        $column = $this->situation->column;
        if ($column === null) {
            return '';
        }
        $say = $this->situation->say;
        $now = $angle === null || ! RestingLine::of($lure->body, $column)->holds
            ? Words::of(
                $column->hung
                    ? 'The {lure} comes nearest and still does not hold its depth.'
                    : 'The {lure} comes nearest and still does not hold the bottom.',
                lure: $this->names->lure($lure),
            )
            : Words::of('The {lure} comes nearest at {angle}.', lure: $this->names->lure($lure), angle: $say->angle($angle));
        $line = VerticalLimits::thickestLineM($lure->body, $column);
        $ways = [
            ...$this->goneWith($lure, $column),
            ...($line !== null && $line >= self::THINNEST_LINE_M ? [Words::of(
                'go down to {millimetre} line', millimetre: Unit::Millimetre->print($line),
            )] : []),
        ];
        $least = VerticalLimits::leastMassKg($lure->family, $column);
        $stamped = $least !== null && $least > $lure->massKg ? WeightSteps::stamped($least, $this->situation->aim->species) : null;
        if ($stamped !== null) {
            $ways[] = Words::of('tie on {stamped} or more', stamped: $say->weight($stamped));
        }

        return Words::sentences($now, $ways === []
            ? 'No weight or line makes this vertical: anchor, or cast instead.'
            : Words::of('To fish straight down, {ways}.', ways: Words::list($ways, 'or')));
    }

    /**
     * Slowing helps only where the boat outruns the water; one that is held in a current has to go with it.
     *
     * @return list<string>
     */
    private function goneWith(Lure $lure, WaterColumn $column): array
    {
        $drift = $this->situation->water->onFoot ? null : VerticalLimits::driftThatHolds($lure->body, $column);
        if ($drift === null) {
            return [];
        }
        $speed = $this->situation->say->speed(abs($drift));

        return [match (true) {
            abs($drift) >= abs($column->flow->boatMs) => Words::of('let the boat go with the water, at {speed}', speed: $speed),
            abs($drift) > 0.005 => Words::of('slow to {speed}', speed: $speed),
            default => 'hold the boat',
        }];
    }
}
