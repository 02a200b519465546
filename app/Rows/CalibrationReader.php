<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Casts\Moment;
use App\Models\User;
use Eskith\Telling\Enums\MeasurementKind;
use Eskith\Telling\Kept\Calibrations;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\Measured;

/** Reads what an angler has measured. */
final class CalibrationReader
{
    public static function of(User $user): Calibrations
    {
        return Calibrations::of(self::kept($user));
    }

    /** @return list<Measured> newest first */
    public static function kept(User $user): array
    {
        $rows = $user->measurements()->latest('measured_at')->latest('id')->toBase()->get();

        return array_values($rows->map(static fn (\stdClass $row): Measured => new Measured(
            uuid: Coerce::text($row->uuid),
            kind: MeasurementKind::tryFrom(Coerce::text($row->kind)),
            lure: $row->lure_id === null ? null : Coerce::whole($row->lure_id),
            hole: $row->hole === null ? null : Coerce::text($row->hole),
            value: Coerce::number($row->value),
            method: Coerce::text($row->method),
            at: Moment::read($row->measured_at)?->toIso8601String(),
        ))->all());
    }
}
