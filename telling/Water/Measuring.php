<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use DateTimeInterface;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;
use Eskith\Telling\Asked;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Enums\MeasurementKind;
use Eskith\Telling\Kept\Calibrations;
use Eskith\Telling\Kept\Measured;
use Eskith\Telling\Kit;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Rig\RigAtHand;
use Eskith\Telling\Settings\Settings;

/**
 * A measurement as it is typed: its `kind`, the `pick` that was measured, and `seconds`, `distance`, `angle` or `travel`. What
 * is kept of it is worked out with what was read of the water as it was made.
 */
final readonly class Measuring
{
    /** m/s of wind below which a drift says nothing of the wind. */
    private const WIND_MS = 0.5;

    /** What each may be at most: s, m, m and degrees. */
    private const SECONDS = 3_600;

    private const DISTANCE_M = 5_000;

    private const TRAVEL_M = 3;

    private const ANGLE_DEG = 180;

    private UnitFormat $say;

    private function __construct(
        private Kit $kit, private ReadingBook $book, private Asked $given, private string $uuid, private DateTimeInterface $at,
    ) {
        $this->say = new UnitFormat(Settings::from($kit->set)->units);
    }

    /**
     * @param  ReadingBook  $book  the readings as they were then
     *
     * @throws InvalidInput when it cannot be read, or nothing can be worked out from it
     */
    public static function of(Kit $kit, ReadingBook $book, Asked $given, string $uuid, DateTimeInterface $at): MeasurementMade
    {
        $one = new self($kit, $book, $given, $uuid, $at);

        return match (MeasurementKind::tryFrom((string) $given->textOrNull('kind'))) {
            MeasurementKind::Drop => $one->drop(),
            MeasurementKind::Hang => $one->hang(),
            MeasurementKind::Start => $one->start(),
            MeasurementKind::Drift => $one->drift(),
            null => throw InvalidInput::because('kind', 'Say what was measured: a drop, a drift, a hang or a start.'),
        };
    }

    /** @throws InvalidInput when the depth is not known or no lure falls like that */
    private function drop(): MeasurementMade
    {
        [$drop, $seconds] = [$this->measured(), $this->seconds()];
        $column = $drop->situation->columnIfStill ?? throw InvalidInput::because('depth', 'Read the depth first.');
        $drag = Fall::dragFromTimedDrop($drop->lure->body, $column, $seconds);
        $method = Words::of('timed over {depth} in {seconds} s', depth: $this->say->depth($column->depthM), seconds: round($seconds, 1));

        return new MeasurementMade(
            $this->row(MeasurementKind::Drop, $drag, $method, $drop), 'Kept. Seconds to the bottom use your timed drop now.',
        );
    }

    /** @throws InvalidInput when the lure has no holes */
    private function hang(): MeasurementMade
    {
        [$drop, $angle] = [$this->measured(), $this->typed('angle', Unit::Degree, 'Say at which angle it hangs, such as 35°.')];
        if (abs($angle) > self::ANGLE_DEG) {
            throw InvalidInput::because('angle', 'A hang angle lies between −180° and 180°.');
        }
        if ($drop->candidate()->hole() === null) {
            throw InvalidInput::because('pick', 'This lure has no line holes to hang it from.');
        }
        $row = $this->row(MeasurementKind::Hang, $angle, 'read with a gauge', $drop);
        try {
            $fit = Calibrations::of([$row, ...$this->kit->measured])->fit($drop->row->id(), $drop->row->holes());
            $said = sprintf(
                'Kept. The balance point is %.1f mm from the nose, %.1f mm up. The readings miss it by %.2f mm.',
                $fit->balance->x, $fit->balance->y, $fit->rmsMm,
            );
        } catch (InvalidInput $notYet) {
            $said = "Kept. {$notYet->getMessage()}";
        }

        return new MeasurementMade($row, $said);
    }

    /**
     * The tip travel to the first vibration with the rod in hand, over what was reckoned for it.
     *
     * @throws InvalidInput when nothing can be reckoned here, or no lift loses so much more or less
     */
    private function start(): MeasurementMade
    {
        $drop = $this->measured();
        $travel = $this->typed(
            'travel', $this->book->settings->units->fishLength, 'Say how far the tip went to the first vibration, such as 2 in.',
        );
        if ($travel <= 0 || $travel > self::TRAVEL_M) {
            throw InvalidInput::because('travel', 'The tip goes over 0 and up to 3 m (10 ft).');
        }
        $report = RigAtHand::of($this->kit->hand)->report($drop->row, $drop->situation, $drop->candidate(), $drop->book);
        // An earlier measurement is in what is reckoned now.
        $reckoned = $report->lost === null ? null : $report->lost->lostM / ($report->startFactor ?? 1.0);
        if ($reckoned === null || $reckoned <= 0.0) {
            throw InvalidInput::because('depth', 'Read depth and drift first, so that there is something to measure against.');
        }
        $factor = $travel / $reckoned;
        if (! MeasurementKind::Start->holds($factor, $drop->row->id())) {
            throw InvalidInput::because(
                'travel', 'That is far from the estimate, {report}. Measure it again.', report: $report->said($reckoned),
            );
        }
        $method = Words::of(
            '{travel} of tip travel, estimated {estimate}', travel: $report->said($travel), estimate: $report->said($reckoned),
        );

        return new MeasurementMade(
            $this->row(MeasurementKind::Start, $factor, $method, $drop),
            sprintf('Kept: %.1f times the estimate. Starts with this lure use it now.', $factor),
        );
    }

    /** The drift becomes today's; where there is wind enough, later winds are reckoned by it. @throws InvalidInput */
    private function drift(): MeasurementMade
    {
        $distance = $this->typed('distance', $this->book->settings->units->depth, 'Say how far the boat went, such as 50 ft.');
        if ($distance <= 0 || $distance > self::DISTANCE_M) {
            throw InvalidInput::because('distance', 'The distance must be more than 0 and at most 5 km.');
        }
        $speed = $distance / $this->seconds();
        [$drift, $wind] = [$this->say->speed($speed), $this->book->si('wind')];
        if ($wind === null || $wind < self::WIND_MS) {
            return new MeasurementMade(
                null, Words::of(
                    "Kept as today's drift: {drift}. Read the wind too, and it can tell later drifts.", drift: $drift,
                ), $drift,
            );
        }
        $row = $this->row(MeasurementKind::Drift, $speed / $wind, Words::of(
            '{drift} of drift in {wind} of wind', drift: $drift, wind: $this->say->speed($wind),
        ), null);

        return new MeasurementMade($row, Words::of(
            'Kept: {drift} of drift. Drift from wind uses it now.', drift: $drift,
        ), $drift);
    }

    /** @throws InvalidInput when it is not in the box */
    private function measured(): SingleDrop
    {
        if (! $this->given->has('pick')) {
            throw InvalidInput::because('pick', 'Choose the lure that was measured.');
        }

        return SingleDrop::at($this->kit, $this->book, $this->given->text('pick'));
    }

    /** @throws InvalidInput */
    private function seconds(): float
    {
        $seconds = $this->typed('seconds', Unit::Second, 'Say how long it took, such as 9 s.');

        return $seconds > 0 && $seconds <= self::SECONDS
            ? $seconds
            : throw InvalidInput::because('seconds', 'The time must be more than 0 and at most an hour.');
    }

    /** SI. @throws InvalidInput with what to say where nothing was typed */
    private function typed(string $name, Unit $unit, string $ask): float
    {
        return $this->given->has($name) ? $this->given->measure($name, $unit) : throw InvalidInput::because($name, $ask);
    }

    private function row(MeasurementKind $kind, float $value, string $method, ?SingleDrop $drop): Measured
    {
        return new Measured(
            uuid: $this->uuid,
            kind: $kind,
            lure: $drop?->row->id(),
            hole: $drop?->candidate()->hole()?->name,
            value: $value,
            method: $method,
            at: $this->at->format(DATE_ATOM),
        );
    }
}
