<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Aim;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Day;
use Eskith\Core\Choosing\FinishSchool;
use Eskith\Core\Choosing\HoleSchool;
use Eskith\Core\Choosing\Ladder;
use Eskith\Core\Choosing\Note;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Readings\Kind;
use Eskith\Core\Choosing\Reason;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Stint;
use Eskith\Core\Choosing\TiedOn;
use Eskith\Core\Choosing\VigourSchool;
use Eskith\Core\Choosing\Zone;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Accent;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Profile;

/** Every candidate of a box, best first, with points and reasons. */
final class PickVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $aim = self::aim($case->inner('aim'));
        $situation = new Situation(
            self::water($case->inner('water'), $aim->zone !== Zone::Bottom),
            $aim,
            $case->has('schools') ? self::schools($case->inner('schools')) : new Schools,
            $case->inner('line')->number('diameter_m'),
            UnitSet::metric(),
        );
        $box = self::box($case);
        [$day, $tiedOn] = self::today($case, $box);
        $ranked = (new Chooser(RuleBook::standard()))->rank($situation, $box, $tiedOn);
        $ladder = Ladder::over($ranked, $day, $situation->vertical());

        return [
            'picks' => array_map(static fn (Pick $pick): array => self::pick($pick, $ladder), $ranked),
            'move' => $day->isTimeToMove($situation->vertical()),
            'notes' => array_map(static fn (Note $note): string => $note->value, Note::of($ranked, $situation)),
        ];
    }

    /**
     * @param  bool  $hangs  whether fish hang in the water, so that the depth they are at counts
     *
     * @throws InvalidInput
     */
    private static function water(Fields $water, bool $hangs): Conditions
    {
        $read = [];
        foreach (Reading::used() as $reading) {
            if (! $reading->basis()->ofAim) {
                $read[$reading->basis()->field] = self::reading($reading, $water);
            }
        }

        $depth = $water->numberOrNull('depth_m');
        $fish = $hangs ? $water->numberOrNull('fish_depth_m') : null;
        if ($fish !== null && ! ($fish > 0.0 && ($depth === null || $fish <= $depth))) {
            throw InvalidInput::because($water->at('fish_depth_m'), WaterColumn::FISH_ARE_IN_THE_WATER);
        }

        return (
            new Conditions(
                profile: $water->one(Profile::class, 'profile', Profile::Uniform), salinity: $water->number('salinity', 0.0),
                gustBoatMs: $water->numberOrNull('gust_boat_ms'),
            )
        )->with(...$read);
    }

    private static function aim(Fields $aim): Aim
    {
        $wanted = [];
        foreach (Reading::used() as $reading) {
            if ($reading->basis()->ofAim && $aim->has($reading->basis()->key)) {
                $wanted[$reading->basis()->field] = self::reading($reading, $aim);
            }
        }

        return (new Aim($aim->one(Species::class, 'species'), flowAway: $aim->flag('flow_away')))->with(...$wanted);
    }

    /** @return mixed as Conditions and Aim take it; null, or no food, where it is absent */
    private static function reading(Reading $reading, Fields $fields): mixed
    {
        [$key, $definition] = [$reading->basis()->key, $reading->definition()];
        $enum = $definition->enum;

        return match (true) {
            $definition->kind === Kind::Measure => $fields->numberOrNull($key),
            $definition->kind === Kind::Flag => $fields->has($key) ? $fields->flag($key) : null,
            $enum === null => throw new \LogicException("{$reading->value} is no choice of the core."),
            $definition->kind === Kind::Choice => $fields->oneOrNull($enum, $key),
            default => array_map(
                static fn (mixed $item): \BackedEnum => (is_string($item) ? $enum::tryFrom($item) : null)
                    ?? throw InvalidInput::because($fields->at($key), ucfirst($key).' is any of '.implode(', ', $definition->values()).'.'),
                $fields->items($key),
            ),
        };
    }

    private static function schools(Fields $schools): Schools
    {
        return new Schools(
            $schools->one(HoleSchool::class, 'hole', HoleSchool::MiddleFirst),
            $schools->one(FinishSchool::class, 'finish', FinishSchool::ForageAndSilhouette),
            $schools->one(VigourSchool::class, 'vigour', VigourSchool::BarelyMove),
            $schools->flag('gold'),
        );
    }

    /** @return list<Lure> */
    private static function box(Fields $case): array
    {
        $box = [];
        foreach ($case->items('box') as $i => $item) {
            $lure = Fields::of($item, "box.{$i}");
            $holes = [];
            foreach ($lure->items('holes') as $k => $held) {
                $hole = Fields::of($held, $lure->at("holes.{$k}"));
                $holes[] = new Hole($hole->text('name'), Point::of($hole->number('x'), $hole->number('y'), $lure->at("holes.{$k}")));
            }
            $box[] = Lure::of(
                $lure->text('id'),
                $lure->one(Family::class, 'family'),
                $lure->number('mass_kg'),
                $lure->text('finish'),
                $lure->flag('red_near_hooks'),
                $holes,
                $lure->has('balance') ? Point::of(...[...$lure->pair('balance'), $lure->at('balance')]) : null,
                accents: self::accents($lure),
                weedless: $lure->flag('weedless'),
            );
        }

        return $box;
    }

    /** @return list<Accent> */
    private static function accents(Fields $lure): array
    {
        return array_map(static fn (mixed $item): Accent => (is_string($item) ? Accent::tryFrom($item) : null)
            ?? throw InvalidInput::because(
                $lure->at('accents'), 'What is added to a finish is any of '.implode(', ', Accent::ticked()).'.',
            ),
            $lure->items('accents'));
    }

    /**
     * @param  list<Lure>  $box
     * @return array{Day, TiedOn|null} what was fished today, and the first of what is on the line
     */
    private static function today(Fields $case, array $box): array
    {
        $lures = array_column($box, null, 'id');
        $stints = [];
        $tiedOn = null;
        foreach ($case->items('today') as $i => $item) {
            $fished = Fields::of($item, "today.{$i}");
            // A lure that was lost or sold since counts for the day, and is no candidate.
            $lure = ! $fished->has('lure') ? null : $lures[$fished->text('lure')]
                ?? throw InvalidInput::because($fished->at('lure'), 'That lure is not in the box.');
            $hole = $fished->has('hole') ? $fished->text('hole') : null;
            $names = array_map(static fn (Hole $one): string => $one->name, $lure->holes ?? []);
            if ($lure !== null && $hole !== null && ! in_array($hole, $names, true)) {
                throw InvalidInput::because($fished->at('hole'), 'That lure has no such hole.');
            }
            $cadence = $fished->one(Cadence::class, 'cadence');
            $touches = array_map(static fn (mixed $age): float => is_int($age) || is_float($age) ? (float) $age
                : throw InvalidInput::because($fished->at('touches_h'), 'Bites are given by their ages in hours.'),
                $fished->items('touches_h'));
            $stint = Stint::of(
                way: $lure === null ? null : "{$lure->id}|{$hole}|{$cadence->value}",
                fromH: $fished->number('from_h'),
                toH: $fished->number('to_h', 0.0),
                touchesH: $touches,
                field: "today.{$i}",
                spot: $fished->has('spot') ? $fished->text('spot') : null,
            );
            $stints[] = $stint;
            $tiedOn ??= $lure !== null && $stint->isTiedOn() ? new TiedOn($lure, $hole, $cadence) : null;
        }

        return [new Day($stints, here: $case->has('here') ? $case->text('here') : null), $tiedOn];
    }

    /** @return array<string, mixed> */
    private static function pick(Pick $pick, Ladder $ladder): array
    {
        $candidate = $pick->candidate;
        $change = $ladder->next($pick);

        return [
            ...self::name($pick),
            'points' => $pick->points,
            'line_angle_deg' => $candidate->weighed->lineAngleDeg,
            'seconds_to_bottom' => $candidate->secondsToBottom,
            'hang_angle_deg' => $candidate->hangAngleDeg,
            'reasons' => array_map(
                static fn (Reason $reason): array => ['rule' => $reason->rule, 'points' => $reason->points, 'text' => $reason->text],
                $pick->reasons(),
            ),
            'patience_min' => $change === null ? null : round($change->afterMinutes, 2),
            'next_change' => $change === null ? null : ['thing' => $change->thing, ...self::name($change->to)],
        ];
    }

    /** @return array{lure: string, hole: string|null, cadence: string} */
    private static function name(Pick $pick): array
    {
        $candidate = $pick->candidate;

        return ['lure' => $candidate->lure->id, 'hole' => $candidate->hole()?->name, 'cadence' => $candidate->cadence->value ?? ''];
    }
}
