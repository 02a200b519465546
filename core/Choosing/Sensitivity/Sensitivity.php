<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Sensitivity;

use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\TiedOn;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Water\Flow;

/**
 * What would change the choice. Each reading is moved by itself, all others as they are, until another lure comes on
 * top: measures in steps away from where they stand, then halved down to where it tips; choices one by one.
 */
final readonly class Sensitivity
{
    private ?Lure $top;

    private Situation $now;

    /**
     * @param  list<Lure>  $box
     * @param  float|null  $driftPerWind  where the drift is not read but reckoned from the wind: m/s of drift for each m/s
     */
    public function __construct(
        private Chooser $chooser,
        Situation $now,
        private array $box,
        private ?TiedOn $tiedOn = null,
        private ?float $driftPerWind = null,
    ) {
        $this->now = $now->unspoken();
        $this->top = $chooser->top($this->now, $box, $tiedOn);
    }

    /**
     * Where this reading puts another lure on top: the nearest place above and below, or each choice that does.
     *
     * @return list<TippingPoint> none when no value does, or the reading is missing
     */
    public function of(Reading $reading): array
    {
        return ! $reading->isRead($this->now) ? [] : $this->look($reading, fn (Lure $lure): bool => $lure->id !== $this->top?->id);
    }

    /**
     * Where this reading puts the wanted lure on top; a choice also where it was not read.
     *
     * @return list<TippingPoint>
     */
    public function towards(Reading $reading, Lure $wanted): array
    {
        return $this->look($reading, static fn (Lure $lure): bool => $lure->id === $wanted->id);
    }

    /**
     * Of the readings that are missing, the one that would change the choice in most of its values, those that matter most
     * before all others; null when none would.
     */
    public function mostWanted(): ?Wanted
    {
        return $this->mostOf(Reading::FIRST) ?? $this->mostOf(Reading::used());
    }

    /** @param  list<Reading>  $readings */
    private function mostOf(array $readings): ?Wanted
    {
        $most = null;
        foreach ($readings as $reading) {
            // Nothing more is to be learned of a flow that is known.
            $settled = $reading->isRead($this->now) || ! $reading->isAskedFor() || ($reading->isFlow() && $this->now->flowMs !== null);
            $wanted = $settled || ! $reading->bearsOn($this->now) ? null : $this->wanted($reading);
            if ($wanted !== null && ($most === null || $wanted->share > $most->share)) {
                $most = $wanted;
            }
        }

        return $most;
    }

    private function wanted(Reading $reading): ?Wanted
    {
        $values = $reading->basis()->walk->guesses ?? $reading->choices();
        $changing = [];
        foreach ($values as $value) {
            $before = $this->now;
            $lure = $this->topAt($reading, $value, $before);
            if ($lure !== null && $lure->id !== $this->top?->id) {
                $changing[] = [$value, $lure];
            }
        }

        return $changing === [] ? null : new Wanted($reading, count($changing) / count($values), ...$changing[0]);
    }

    /**
     * @param  \Closure(Lure): bool  $tips
     * @return list<TippingPoint>
     */
    private function look(Reading $reading, \Closure $tips): array
    {
        if (! $reading->bearsOn($this->now)) {
            return [];
        }
        $measure = $reading->measured($this->now);
        if ($measure !== null) {
            return array_values(
                array_filter([$this->walk($reading, $measure, false, $tips), $this->walk($reading, $measure, true, $tips)]),
            );
        }
        $found = [];
        foreach (array_diff($reading->choices(), $reading->chosen($this->now)) as $choice) {
            $before = $this->now;
            $lure = $this->topAt($reading, $choice, $before);
            if ($lure !== null && $tips($lure)) {
                $found[] = new TippingPoint($reading, $choice, $choice, null, $lure);
            }
        }

        return $found;
    }

    /** @param  \Closure(Lure): bool  $tips */
    private function walk(Reading $reading, float $from, bool $up, \Closure $tips): ?TippingPoint
    {
        $walk = $reading->basis()->walk ?? throw new \LogicException('Only a measure is walked along.');
        [$lowest, $highest] = [$walk->lowest, $walk->highest];
        if (! $this->turns($reading)) {
            [$lowest, $highest] = $from < 0 ? [$lowest, 0.0] : [0.0, $highest];
        }
        [$still, $before] = [$from, $this->now];
        while (($up ? $still < $highest : $still > $lowest)) {
            $next = $walk->byRatio ? ($up ? $still * $walk->step : $still / $walk->step) : $still + ($up ? $walk->step : -$walk->step);
            $next = min($highest, max($lowest, $next));
            $lure = $this->topAt($reading, $next, $before);
            if ($lure !== null && $tips($lure)) {
                return $this->narrowed(new TippingPoint($reading, $still, $next, $up, $lure), $walk->grain, $tips, $before);
            }
            $still = $next;
        }

        return null;
    }

    /** A drift turned round matters only in a current, and a current only to a boat that drifts. */
    private function turns(Reading $reading): bool
    {
        return match ($reading) {
            Reading::Drift => ($this->now->water->currentMs ?? 0.0) !== 0.0,
            Reading::Current => ($this->now->water->boatMs ?? 0.0) !== 0.0,
            default => true,
        };
    }

    /**
     * The same tip, found as finely as the grain.
     *
     * @param  \Closure(Lure): bool  $tips
     * @param  Situation  $before  as for topAt()
     */
    private function narrowed(TippingPoint $tip, float $grain, \Closure $tips, Situation $before): TippingPoint
    {
        while (abs((float) $tip->past - (float) $tip->at) > $grain) {
            $middle = ((float) $tip->at + (float) $tip->past) / 2;
            $lure = $this->topAt($tip->reading, $middle, $before);
            $tip = $lure !== null && $tips($lure)
                ? new TippingPoint($tip->reading, $tip->at, $middle, $tip->above, $lure)
                : new TippingPoint($tip->reading, $middle, $tip->past, $tip->above, $tip->lure);
        }

        return $tip;
    }

    /**
     * @param  Situation  $before  one that was looked at, with this reading alone another: what is as it was there is not judged
     *                             again; afterwards the one that is looked at now
     */
    private function topAt(Reading $reading, float|string $value, Situation &$before): ?Lure
    {
        $there = $reading->with($this->now, $value);
        $moved = [$reading];
        if ($reading === Reading::Wind && $this->driftPerWind !== null) {
            $there = Reading::Drift->with($there, min(Flow::FASTEST, Flow::driftFromWind((float) $value, $this->driftPerWind)));
            $moved[] = Reading::Drift;
        }

        [$known, $before] = [$before, $there];

        return $this->chooser->topMoved($known, $there, $moved, $this->box, $this->tiedOn, $this->top);
    }
}
