<?php

declare(strict_types=1);

namespace App\Presenters\Plans;

use App\Data\Plans\PlanData;
use App\Data\Plans\PlanFieldData;
use App\Data\Plans\PlanKindData;
use App\Data\Plans\PlanMarkData;
use App\Data\Plans\PlanPointData;
use App\Models\Casts\Moment;
use App\Models\Plan;
use App\Models\User;
use App\Plans\PlanForm;
use Eskith\Core\Cadence\Plan\Cast;
use Eskith\Core\Cadence\Plan\Lane;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Position;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Enums\PlanKind;
use Eskith\Telling\Settings\Fault;

/** Plans in words and as they are drawn from above. */
final readonly class PlanPresenter
{
    private UnitFormat $say;

    /** @param  SingleDrop|null  $drop  what is counted down to the ledges and carried by the tide */
    private function __construct(private User $user, private ?SingleDrop $drop)
    {
        $this->say = new UnitFormat($user->settings()->units);
    }

    public static function of(User $user, ?SingleDrop $drop = null): self
    {
        return new self($user, $drop);
    }

    /** @return list<PlanKindData> */
    public function kinds(): array
    {
        $metric = $this->user->settings()->units->depth === Unit::Metre;

        return array_map(static fn (PlanKind $kind): PlanKindData => new PlanKindData(
            $kind->value, $kind->word(), array_map(
                static fn (string $name, array $field): PlanFieldData => new PlanFieldData(
                    $name, $field[0], $metric ? $field[1] : $field[2],
                ),
                array_keys($kind->fields()), $kind->fields(),
            ),
        ), PlanKind::cases());
    }

    /** @return list<PlanData> newest first */
    public function all(): array
    {
        return array_values($this->user->plans()->standing()->get()->map($this->one(...))->all());
    }

    /** @throws InvalidInput naming the field, when it cannot be laid out */
    public function demand(Plan $plan): void
    {
        if ($plan->kind !== null) {
            $this->laid(new PlanForm($plan->kind, $plan->fields, $this->user->settings()->units));
        }
    }

    public function one(Plan $plan): PlanData
    {
        try {
            $laid = $plan->kind === null
                ? throw InvalidInput::because('kind', 'This plan is of a kind that is not known here. Put it away.')
                : $this->laid(new PlanForm($plan->kind, array_filter($plan->fields, is_string(...)), $this->user->settings()->units));
            $refused = null;
        } catch (InvalidInput|\TypeError $bad) {
            $laid = new Laid;
            $refused = $bad instanceof InvalidInput ? Fault::words($bad, $this->user->settings()->units)
                : "What was kept of this plan can't be read. Put it away.";
        }
        $total = count($laid->ways) + count($laid->steps);
        $made = array_filter(
            array_keys($plan->made), static fn (int|string $number): bool => is_int($number) && $number >= 1 && $number <= $total,
        );
        $open = array_diff(range(1, max(1, $total)), $made);

        return new PlanData(
            uuid: $plan->uuid,
            kind: $plan->kind->value ?? '',
            kindWord: $plan->kind?->word() ?? 'plan',
            name: $plan->name,
            sentence: $laid->sentence,
            line: array_map(
                static fn (Position $at): PlanPointData => new PlanPointData(round($at->east, 2), round($at->north, 2)), $laid->line,
            ),
            closed: $laid->closed,
            marks: array_map(static fn (array $way, int $i): PlanMarkData => new PlanMarkData(
                n: $i + 1,
                fromX: round($way[0]->east, 2),
                fromY: round($way[0]->north, 2),
                toX: round($way[1]->east, 2),
                toY: round($way[1]->north, 2),
                made: in_array($i + 1, $made, true),
            ), $laid->ways, array_keys($laid->ways)),
            steps: $laid->steps,
            notes: $laid->notes,
            made: count($made),
            total: $total,
            next: $total === 0 || $open === [] ? null : min($open),
            left: $laid->minutes <= 0.0 || $total === 0 ? '' : Words::of(
                '{minutes} left', minutes: self::minutes($laid->minutes * (1 - count($made) / $total)),
            ),
            empty: $this->emptiness($plan, $laid),
            worked: $plan->worked,
            refused: $refused,
            unit: $this->say->units->depth->symbol(),
            unitM: $this->say->units->depth->toSi(1.0),
        );
    }

    /** @throws InvalidInput */
    private function laid(PlanForm $form): Laid
    {
        return match ($form->kind) {
            PlanKind::Wall => $this->wall($form),
            PlanKind::Fan => $this->fan($form),
            PlanKind::Drift => $this->drift($form),
            PlanKind::Advance => $this->advance($form),
            PlanKind::Ledges => $this->ledges($form),
            PlanKind::Tide => $this->tide($form),
        };
    }

    private function wall(PlanForm $form): Laid
    {
        $plan = $form->wall();
        $count = count($plan->casts);
        $minutes = $count * $form->secondsPerCast() / 60;

        return new Laid(
            sentence: Words::of(
                '{count} casts along {length}, one every {apart}, about {minutes}',
                count: $count,
                length: $this->say->depth($plan->lengthM),
                apart: $this->say->depth($plan->lengthM / max(1, $count - 1)),
                minutes: self::minutes($minutes),
            ),
            line: $form->line(),
            ways: array_map(static fn (Cast $cast): array => [$cast->stand, $cast->lands], $plan->casts),
            notes: $plan->notes,
            minutes: $minutes,
            alongM: $plan->lengthM,
        );
    }

    private function fan(PlanForm $form): Laid
    {
        $casts = $form->fan()->casts;
        $minutes = count($casts) * $form->secondsPerCast() / 60;

        return new Laid(
            sentence: Words::of(
                '{casts} casts fanned from one stand, about {minutes}', casts: count($casts), minutes: self::minutes($minutes),
            ),
            ways: array_map(static fn (Cast $cast): array => [$cast->stand, $cast->aim], $casts),
            minutes: $minutes,
        );
    }

    private function drift(PlanForm $form): Laid
    {
        $plan = $form->drift();
        $count = count($plan->lanes);

        return new Laid(
            sentence: Words::of(
                '{count|One drift|# drifts}, {far} in all, about {minutes} with motoring back',
                count: $count, far: $this->say->depth($plan->driftedM), minutes: self::minutes($plan->minutes),
            ),
            line: $form->area()->corners,
            closed: true,
            ways: array_map(static fn (Lane $lane): array => [$lane->start, $lane->end], $plan->lanes),
            minutes: $plan->minutes,
        );
    }

    private function advance(PlanForm $form): Laid
    {
        $plan = $form->advance();
        $count = count($plan->casts);
        $minutes = $count * $form->secondsPerCast() / 60;

        return new Laid(
            sentence: Words::of(
                '{count} short casts from {stands} stands while moving up, about {minutes}',
                count: $count, stands: $plan->stands, minutes: self::minutes($minutes),
            ),
            ways: array_map(static fn (Cast $cast): array => [$cast->stand, $cast->aim], $plan->casts),
            minutes: $minutes,
        );
    }

    private function ledges(PlanForm $form): Laid
    {
        $drop = $this->drop ?? throw InvalidInput::because('depths', 'Choose a lure first. The counts are for it.');
        $ledges = $form->ledges($drop)->ledges;

        return new Laid(
            sentence: Words::of(
                'Count {ledges} to the ledges, lift a little on each, stay close to the rock',
                ledges: implode(', ', array_map(static fn (array $ledge): string => (string) round($ledge[1]), $ledges)),
            ),
            steps: array_map(
                fn (array $ledge): string => Words::of(
                    '{depth}: count {count}, lift a little, let it off the edge',
                    depth: $this->say->depth($ledge[0]), count: round($ledge[1]),
                ),
                $ledges,
            ),
        );
    }

    private function tide(PlanForm $form): Laid
    {
        $away = $form->runsAway();
        $drop = $this->drop ?? throw InvalidInput::because('runs', 'Choose a lure first. How far it drifts depends on it.');

        return new Laid(...TideWords::of($drop, $away));
    }

    /** How long emptiness is still normal. */
    private function emptiness(Plan $plan, Laid $laid): string
    {
        if ($plan->kind === PlanKind::Ledges || $plan->kind === PlanKind::Tide || $plan->kind === PlanKind::Drift) {
            return $plan->kind === PlanKind::Drift ? 'Give a finish at least two drifts.' : '';
        }
        $touched = $plan->outing_id === null
            ? null
            : $this->user->events()->standing()->bites()->where('outing_id', $plan->outing_id)->max('at');
        $since = Moment::read($touched);
        $empty = count(array_filter($plan->made, static function (mixed $at) use ($since): bool {
            return $since === null || (is_string($at) && strtotime($at) > $since->getTimestamp());
        }));

        return Words::sentences(
            $empty === 0 ? '' : Words::of('{empty|One cast|# casts} since the last bite.', empty: $empty),
            $laid->alongM > 0
                ? Words::of('Ten to fifteen empty casts or {far} between groups are normal: stay with it.', far: $this->say->depth(50.0))
                : 'Ten to fifteen empty casts between groups are normal: stay with it.',
        );
    }

    private static function minutes(float $minutes): string
    {
        return $minutes < 90 ? max(1, round($minutes))."\u{A0}min" : round($minutes / 60, 1)."\u{A0}h";
    }
}
