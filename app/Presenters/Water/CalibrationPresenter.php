<?php

declare(strict_types=1);

namespace App\Presenters\Water;

use App\Models\Lure as LureRow;
use App\Models\Measurement;
use App\Models\User;
use App\Rows\Surroundings;
use Eskith\Core\Balance\Hang;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\Constants;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Water\MeasurementData;
use Eskith\Telling\Enums\MeasurementKind;
use Eskith\Telling\Kept\Calibrations;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Kept\Measured;
use Eskith\Telling\Readings\ReadingBook;

/** Shows each measurement beside the estimate it replaces. */
final class CalibrationPresenter
{
    /** @return list<MeasurementData> newest first */
    public function all(User $user, ReadingBook $book): array
    {
        $situation = $book->situation(Surroundings::line($user)->diameterM);
        $lures = $user->lures()->whereIn(
            'id', array_values(array_unique(array_filter(array_column($book->measured->rows, 'lure')))),
        )->get()->map(static fn (LureRow $row): KeptLure => $row->kept())->filter(static fn (KeptLure $lure): bool => $lure->isSound())
            ->keyBy(static fn (KeptLure $lure): int => $lure->id());

        $told = array_filter(
            $book->measured->rows, static fn (Measured $row): bool => $row->lure === null || $lures->has($row->lure),
        );

        return array_values(array_map(function (Measured $row) use ($situation, $lures, $book): MeasurementData {
            $lure = $row->lure === null ? null : $lures->get($row->lure);

            return match ($row->kind) {
                MeasurementKind::Drift => new MeasurementData(
                    uuid: $row->uuid,
                    kind: MeasurementKind::Drift,
                    title: 'Drift from the wind',
                    measured: Words::of('{share} of the wind', share: self::share($row->value)),
                    estimate: Words::of('estimate {share}', share: self::share(Constants::DRIFT_PER_WIND)),
                    method: $row->method,
                    at: $row->at ?? '',
                ),
                MeasurementKind::Drop => $this->drop($row, $lure ?? throw new \LogicException('A timed drop has its lure.'), $situation),
                MeasurementKind::Start => new MeasurementData(
                    uuid: $row->uuid,
                    kind: MeasurementKind::Start,
                    title: $lure === null ? 'Start' : $this->title($lure->lure(), null, $situation).', start',
                    measured: sprintf('%.1f times the estimate', $row->value),
                    estimate: 'estimate of belly and stretch',
                    method: $row->method,
                    at: $row->at ?? '',
                ),
                // What cannot be used was set aside.
                MeasurementKind::Hang,
                null => $this->hang($row, $lure ?? throw new \LogicException('A hang reading has its lure.'), $situation, $book->measured),
            };
        }, $told));
    }

    private function drop(Measured $row, KeptLure $kept, Situation $situation): MeasurementData
    {
        $lure = $kept->lure();
        $hole = self::hole($lure, $row->hole);
        $hang = Hang::ofLure($lure, $hole);
        $rate = static fn (Attitude $attitude): string => $situation->columnIfStill === null
            ? '–'
            : $situation->say->sinks(Fall::of($lure->body, $attitude, $situation->columnIfStill)->sinkRateStartMs);

        return new MeasurementData(
            uuid: $row->uuid,
            kind: MeasurementKind::Drop,
            title: $this->title($lure, $hole, $situation),
            measured: Words::of('sinks at {rate}', rate: $rate(Attitude::measured($row->value))),
            estimate: Words::of('estimate {rate}', rate: $rate(Falling::usual($lure, $hole, $hang))),
            method: $row->method,
            at: $row->at ?? '',
        );
    }

    private function hang(Measured $row, KeptLure $kept, Situation $situation, Calibrations $measured): MeasurementData
    {
        $lure = $kept->lure();
        $hole = self::hole($lure, $row->hole);
        $was = Hang::ofLure($lure, $hole);
        $fit = $measured->balance($kept->id(), $kept->holes());

        return new MeasurementData(
            uuid: $row->uuid,
            kind: MeasurementKind::Hang,
            title: $this->title($lure, $hole, $situation),
            measured: Words::of('hangs at {degrees}', degrees: self::degrees($row->value)),
            estimate: ($was === null ? 'no estimate' : 'estimate '.self::degrees($was))
                .(
                    $fit === null ? '' : sprintf(
                        '; balance point %.1f, %.1f mm, readings miss it by %.2f mm', $fit->balance->x, $fit->balance->y,
                        $fit->rmsMm,
                    )
                ),
            method: $row->method,
            at: $row->at ?? '',
        );
    }

    private function title(Lure $lure, ?Hole $hole, Situation $situation): string
    {
        return (new LureNames($situation->say))->title($lure).($hole === null ? '' : ", {$hole->name} hole");
    }

    private static function hole(Lure $lure, ?string $name): ?Hole
    {
        foreach ($lure->holes as $hole) {
            if ($hole->name === $name) {
                return $hole;
            }
        }

        return null;
    }

    private static function degrees(float $value): string
    {
        return round($value).'°';
    }

    private static function share(float $value): string
    {
        return number_format(100 * $value, 1).' %';
    }
}
