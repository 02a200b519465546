<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Kits\ReadAtHand;
use App\Models\Measurement;
use App\Models\User;
use App\Readings\ReadingKeeper;
use App\Readings\TodaysReadings;
use App\Rows\CalibrationReader;
use Eskith\Core\Balance\BalanceFit;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Enums\MeasurementKind;
use Eskith\Telling\Rig\RigAtHand;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps what the angler measured, each once by its uuid. */
final readonly class Measurements
{
    /** m/s of wind below which a drift says nothing of the wind. */
    private const WIND_MS = 0.5;

    private UnitFormat $say;

    private function __construct(private User $user)
    {
        $this->say = new UnitFormat($user->settings()->units);
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    public function has(string $uuid): bool
    {
        return $this->user->measurements()->where('uuid', $uuid)->exists();
    }

    /** @throws InvalidInput when the depth is not known or no lure falls like that */
    public function drop(string $uuid, SingleDrop $drop, float $seconds): Measurement
    {
        $column = $drop->situation->columnIfStill ?? throw InvalidInput::because('depth', 'Read the depth first.');
        $drag = Fall::dragFromTimedDrop($drop->lure->body, $column, $seconds);
        $method = "timed over {$this->say->depth($column->depthM)} in ".round($seconds, 1).' s';

        return $this->keep($uuid, MeasurementKind::Drop, $drag, $method, $drop->row->id(), $drop->candidate()->hole()?->name);
    }

    /**
     * @return BalanceFit|InvalidInput the balance point that all readings give, or why they give none yet
     *
     * @throws InvalidInput when the lure has no holes
     */
    public function hang(string $uuid, SingleDrop $drop, float $angleDeg): BalanceFit|InvalidInput
    {
        $hole = $drop->candidate()->hole() ?? throw InvalidInput::because('pick', 'This lure has no line holes to hang it from.');
        $this->keep($uuid, MeasurementKind::Hang, $angleDeg, 'read with a gauge', $drop->row->id(), $hole->name);
        try {
            return CalibrationReader::of($this->user)->fit($drop->row->id(), $drop->row->holes());
        } catch (InvalidInput $notYet) {
            return $notYet;
        }
    }

    /**
     * The tip travel to the first vibration with the rod in hand, over what was reckoned for it.
     *
     * @throws InvalidInput when nothing can be reckoned here, or no lift loses so much more or less
     */
    public function start(string $uuid, SingleDrop $drop, float $travelM): float
    {
        $report = RigAtHand::of(new ReadAtHand($this->user))->report($drop->row, $drop->situation, $drop->candidate(), $drop->book);
        // An earlier measurement is in what is reckoned now.
        $reckoned = $report->lost === null ? null : $report->lost->lostM / ($report->startFactor ?? 1.0);
        if ($reckoned === null || $reckoned <= 0.0) {
            throw InvalidInput::because('depth', 'Read depth and drift first, so that there is something to measure against.');
        }
        $factor = $travelM / $reckoned;
        if (! MeasurementKind::Start->holds($factor, $drop->row->id())) {
            throw InvalidInput::because('travel', 'That is not near '.$report->said($reckoned).', which was reckoned; measure it again.');
        }
        $method = "{$report->said($travelM)} of tip travel where {$report->said($reckoned)} was reckoned";
        $this->keep($uuid, MeasurementKind::Start, $factor, $method, $drop->row->id(), $drop->candidate()->hole()?->name);

        return $factor;
    }

    /** @return array{float, bool} the drift, m/s, kept as today's; and whether later winds are reckoned by it */
    public function drift(string $uuid, float $speedMs): array
    {
        return DB::transaction(function () use ($uuid, $speedMs): array {
            ReadingKeeper::of($this->user)->keep(['drift' => $this->say->speed($speedMs)]);
            $wind = TodaysReadings::of($this->user)->si('wind');
            if ($wind === null || $wind < self::WIND_MS) {
                return [$speedMs, false];
            }
            $this->keep(
                $uuid, MeasurementKind::Drift, $speedMs / $wind,
                "{$this->say->speed($speedMs)} of drift in {$this->say->speed($wind)} of wind", null, null,
            );

            return [$speedMs, true];
        });
    }

    private function keep(string $uuid, MeasurementKind $kind, float $value, string $method, ?int $lureId, ?string $hole): Measurement
    {
        return $this->user->measurements()->firstOrCreate(['uuid' => $uuid], [
            'kind' => $kind, 'lure_id' => $lureId, 'hole' => $hole, 'value' => $value, 'method' => $method, 'measured_at' => Carbon::now(),
        ]);
    }
}
