<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Spot;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\SunDay;
use Eskith\Core\Water\Tide;
use Eskith\Core\Water\TideTurn;
use Eskith\Core\Water\TideWave;
use Illuminate\Support\Carbon;

/** Light and tide of a spot: when the sun sets, when the water stands next. */
final readonly class Sky
{
    /** h within which every tide turns. */
    private const TURNS_H = 14.0;

    private function __construct(private ?Spot $spot)
    {
    }

    public static function over(?Spot $spot): self
    {
        return new self($spot);
    }

    /** Of the day that is there now, by the sun; null where no place is known, or it does not set. */
    public function sunset(Carbon $now): ?Carbon
    {
        return $this->sun($now, static fn (SunDay $day): ?float => $day->sunset);
    }

    /** @param  \Closure(SunDay): (float|null)  $moment  minutes after midnight */
    public function sun(Carbon $now, \Closure $moment): ?Carbon
    {
        if ($this->spot?->latitude === null || $this->spot->longitude === null) {
            return null;
        }
        // The day as the sun has it there, whatever clocks say.
        $offset = (int) round(4 * $this->spot->longitude);
        $midnight = $now->copy()->utc()->addMinutes($offset)->startOfDay();
        try {
            $minutes = $moment(SunDay::of($this->spot->latitude, $this->spot->longitude, $midnight->format('Y-m-d'), $offset));
        } catch (InvalidInput) {
            return null;
        }

        return $minutes === null ? null : $midnight->addSeconds((int) round(60 * $minutes))->subMinutes($offset);
    }

    /** @return array{Carbon, TideTurn}|null when the tide turns next; null on water without one */
    public function slack(Carbon $now): ?array
    {
        [$tide, $epoch] = $this->tide() ?? [null, null];
        if ($tide === null || $epoch === null) {
            return null;
        }
        $hours = $epoch->diffInSeconds($now, false) / 3600;
        $turn = $tide->turns($hours, $hours + self::TURNS_H)[0] ?? null;

        return $turn === null ? null : [$epoch->copy()->addSeconds((int) round(3600 * $turn->atH)), $turn];
    }

    /** @return array{Tide, Carbon}|null the tide, and the moment its hours are counted from; null where none is kept that can be */
    public function tide(): ?array
    {
        $kept = $this->spot?->water->tide;
        if ($kept === null || ! is_array($kept['constituents'] ?? null)) {
            return null;
        }
        $waves = array_map(static fn (mixed $wave): TideWave => is_array($wave) ? new TideWave(
            Raw::number($wave['amplitude_m'] ?? null), Raw::number($wave['speed_deg_h'] ?? null), Raw::number($wave['phase_deg'] ?? null),
        ) : new TideWave(0.0, 0.0, 0.0), array_values($kept['constituents']));
        try {
            return [Tide::of(Raw::number($kept['mean_m'] ?? null), $waves), Carbon::parse(Raw::text($kept['epoch'] ?? ''), 'UTC')];
        } catch (InvalidInput|\Carbon\Exceptions\InvalidFormatException) {
            return null;
        }
    }
}
