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
            $would = $chooser === null
                ? ''
                : ' For this water '.self::article($this->names->lure(IdealLure::best($chooser, $this->situation)->lure)).' would do.';

            return ['Your box is empty', "Put in the lures you own, and Eskith chooses among them.{$would}"];
        }
        if ($ranked === []) {
            $how = $this->situation->aim->how->word();

            return [
                'Nothing in your box is worked this way',
                "None of your lures has a {$how} cadence; change how you fish, or add a blade or a spoon.",
            ];
        }
        $first = $ranked[0]->candidate;
        if ($move) {
            return [
                'Move: no bite here for long enough',
                "If you stay, tie on the {$this->names->lure($first->lure)}. Start with it at the new spot too.",
            ];
        }
        if ($this->situation->vertical() && $this->situation->column !== null && $this->holding($box) === 0) {
            return ['Nothing you own stays straight down here', $this->remedy($first->lure, $first->weighed->lineAngleDeg)];
        }

        if (in_array(Note::WeedEdge, Note::of($ranked, $this->situation), true)) {
            $weedless = array_values(array_filter($ranked, static fn (Pick $pick): bool => $pick->candidate->lure->weedless))[0] ?? null;

            return [
                'Fish the outer edge of the weed',
                "Bare hooks foul on every lift in there. Along the edge tie on the {$this->names->lure($first->lure)}. "
                    .($weedless === null
                        ? 'A weedless spoon would come through.'
                        : "Only the weedless {$this->names->lure($weedless->candidate->lure)} comes through it."),
            ];
        }

        if ($silent) {
            return [
                'Every rule is switched off',
                'So only ties order the box: least changed from what is on the line, then lighter first. Switch rules on again '
                    .'under Rules.',
            ];
        }
        if ($chooser !== null) {
            $would = IdealLure::best($chooser, $this->situation);
            if ($would->shames($ranked[0])) {
                return [
                    'Nothing in your box suits this',
                    'It has no '.$would->missing($box, $this->names).'; '.self::article(
                        $this->names->lure($would->lure),
                    ).' would do. '.$this->nearest($ranked[0]),
                ];
            }
        }

        return ['Tie on the '.$this->names->lure($first->lure), $this->lead($box, $first->lure)];
    }

    private function nearest(Pick $first): string
    {
        $reasons = $first->reasons();
        usort($reasons, static fn (Reason $a, Reason $b): int => $a->points <=> $b->points);
        $against = $reasons !== [] && $reasons[0]->points < 0 ? " {$reasons[0]->text}" : '';

        return "Nearest comes the {$this->names->lure($first->candidate->lure)}.{$against}";
    }

    private static function article(string $named): string
    {
        return (preg_match('/^[aeiou8]/i', $named) === 1 ? 'an ' : 'a ').$named;
    }

    /** Which reading is missing when nothing is known of the flow past the line. */
    public static function unknownFlow(Situation $situation): string
    {
        return $situation->water->currentMs === null
            ? 'Read the current, or the line angle at the rod: without one of them the lean cannot be worked out.'
            : 'Say how the boat lies, or read its drift: without one of them the lean cannot be worked out.';
    }

    /** @param  list<Lure>  $box */
    private function lead(array $box, Lure $first): string
    {
        $count = count($box);
        if ($this->situation->isFishDepthAssumed() && $this->situation->water->depthM !== null) {
            return 'How deep do they hang? Read it off the sonar; half the depth, '
                .$this->situation->say->depth((float) $this->situation->fishDepthM()).', is taken till then.';
        }
        if ($this->situation->column === null && $this->situation->vertical()) {
            return self::unknownFlow($this->situation).' Weight is chosen without the lean of the line.';
        }
        if (! $this->situation->vertical()) {
            $start = WeightSteps::startKg($this->situation->aim);
            $where = $this->situation->onBottom() ? 'here' : 'to fish that hang';
            $said = "For casting {$where}, {$this->situation->say->weight($start)} is the ";
            $species = $this->situation->aim->species;
            $steps = WeightSteps::index($first->massKg, $species) <=> WeightSteps::index($start, $species);

            return $said.match ($steps) {
                0 => 'weight to start with.',
                1 => 'usual start; today a heavier one in your box beats it.',
                default => 'usual start; today a lighter one in your box beats it.',
            };
        }
        $holding = $this->holding($box);
        $limit = $this->situation->say->angle(Constants::VERTICAL_LIMIT_DEG);
        $said = $holding === $count
            ? (
                $count === 1
                    ? "Your only lure stays within {$limit} here."
                    : "All {$count} of your lures stay within {$limit} of straight down here."
            )
            : "{$holding} of your {$count} lures ".($holding === 1 ? 'stays' : 'stay')." within {$limit} of straight down here.";
        $least = $this->leastHoldingKg($box);

        $trails = $this->situation->water->onFoot ? 'trails.' : 'trails behind the boat.';

        return $least === null ? $said : "{$said} Anything under {$this->situation->say->weight($least)} {$trails}";
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
            ? "the {$this->names->lure($lure)} comes nearest and still does not hold ".($column->hung ? 'its depth' : 'the bottom')
            : "the {$this->names->lure($lure)} comes nearest at {$say->angle($angle)}";
        $line = VerticalLimits::thickestLineM($lure->body, $column);
        $ways = [
            ...$this->goneWith($lure, $column),
            ...($line !== null && $line >= self::THINNEST_LINE_M ? ['go down to '.Unit::Millimetre->print($line).' line'] : []),
        ];
        $least = VerticalLimits::leastMassKg($lure->family, $column);
        $stamped = $least !== null && $least > $lure->massKg ? WeightSteps::stamped($least, $this->situation->aim->species) : null;
        if ($stamped !== null) {
            $ways[] = "tie on {$say->weight($stamped)} or more";
        }

        return ucfirst($now).'. '.(
            $ways === []
                ? 'No weight or line makes this vertical: anchor, or cast instead.'
                : 'To fish straight down, '.self::oneOf($ways).'.'
        );
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
        $say = $this->situation->say->speed(abs($drift));

        return match (true) {
            abs($drift) < abs($column->flow->boatMs) => abs($drift) > 0.005 ? ["slow to {$say}"] : ['hold the boat'],
            default => ["let the boat go with the water, at {$say}"],
        };
    }

    /** @param  list<string>  $ways */
    private static function oneOf(array $ways): string
    {
        $last = array_pop($ways);

        return $ways === [] ? (string) $last : implode(', ', $ways).' or '.$last;
    }
}
