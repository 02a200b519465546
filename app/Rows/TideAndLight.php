<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Casts\Moment;
use App\Models\Spot;
use App\Models\Water;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Cloud;
use Eskith\Core\Water\LightDay;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\SunDay;
use Eskith\Core\Water\Tide;
use Eskith\Core\Water\TideTurn;
use Eskith\Core\Water\TideWave;
use Eskith\Telling\Enums\TideFrom;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;

/** Light and tide of a spot: when the sun sets, when the water stands next. */
final readonly class TideAndLight
{
    /** h within which every tide turns. */
    private const TURNS_H = 14.0;

    private ?float $latitude;

    private ?float $longitude;

    /** @param  array{float, float}|null  $at  latitude and longitude */
    private function __construct(private ?Water $water, ?array $at)
    {
        [$this->latitude, $this->longitude] = $at ?? [null, null];
    }

    public static function over(?Spot $spot): self
    {
        return new self($spot?->water, $spot === null ? null : Placing::degrees($spot));
    }

    public static function overWater(Water $water): self
    {
        return new self($water, Placing::frame($water)?->degrees(new Position(0.0, 0.0)));
    }

    /** Minutes that the clock of the sun there is ahead of universal time; null where no place is known. */
    public function offsetMin(): ?int
    {
        return $this->longitude === null ? null : (int) round(4 * $this->longitude);
    }

    /** The light of the day that is there now, under such a sky; null where no place is known. */
    public function light(Carbon $now, Cloud $cloud): ?LightDay
    {
        $midnight = $this->midnight($now);
        if ($midnight === null || $this->latitude === null || $this->longitude === null) {
            return null;
        }
        try {
            return LightDay::of($this->latitude, $this->longitude, $midnight->format('Y-m-d'), (float) $this->offsetMin(), $cloud);
        } catch (InvalidInput) {
            return null;
        }
    }

    /** The midnight by the sun there that the day of a moment began with, as its local date and time; null where no place is known. */
    public function midnight(Carbon $now): ?Carbon
    {
        $offset = $this->offsetMin();

        return $offset === null ? null : $now->copy()->utc()->addMinutes($offset)->startOfDay();
    }

    /** Of the day that is there now, by the sun; null where no place is known, or it does not set. */
    public function sunset(Carbon $now): ?Carbon
    {
        return $this->sun($now, static fn (SunDay $day): ?float => $day->sunset);
    }

    /** @param  \Closure(SunDay): (float|null)  $moment  minutes after midnight */
    public function sun(Carbon $now, \Closure $moment): ?Carbon
    {
        // The day as the sun has it there, whatever clocks say.
        [$midnight, $offset] = [$this->midnight($now), $this->offsetMin()];
        if ($midnight === null || $offset === null || $this->latitude === null || $this->longitude === null) {
            return null;
        }
        try {
            $minutes = $moment(SunDay::of($this->latitude, $this->longitude, $midnight->format('Y-m-d'), $offset));
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
        $hours = self::hours($epoch, $now);
        $turn = $tide->turns($hours, $hours + self::TURNS_H)[0] ?? null;

        return $turn === null ? null : [$epoch->copy()->addSeconds((int) round(3600 * $turn->atH)), $turn];
    }

    /** Hours of a tide since its epoch. */
    public static function hours(Carbon $epoch, Carbon $at): float
    {
        return $epoch->diffInSeconds($at, false) / 3600;
    }

    /** m that the water stands above its zero: by its tide, else as it was read; 0 where neither is known */
    public function levelM(Carbon $at): float
    {
        [$tide, $epoch] = $this->tide() ?? [null, null];
        $level = $tide === null || $epoch === null ? ($this->water->level_m ?? 0.0) : $tide->heightM(self::hours($epoch, $at));

        return abs($level) <= 100.0 ? $level : 0.0;
    }

    /** @return array{Tide, Carbon}|null the tide, and the moment its hours are counted from; null where none is kept that can be */
    public function tide(): ?array
    {
        $kept = $this->water?->tide;
        // A tide that was made up once plays no part on a real water, however it came to be kept there.
        $own = ($kept['from'] ?? null) === TideFrom::Own->value;
        if ($kept === null || ! is_array($kept['constituents'] ?? null) || (! $own && ! $this->water->isMadeUp())) {
            return null;
        }
        $waves = array_map(static fn (mixed $wave): TideWave => is_array($wave) ? new TideWave(
            Coerce::number($wave['amplitude_m'] ?? null), Coerce::number($wave['speed_deg_h'] ?? null),
            Coerce::number($wave['phase_deg'] ?? null),
        ) : new TideWave(0.0, 0.0, 0.0), array_values($kept['constituents']));
        $epoch = Moment::read($kept['epoch'] ?? null);
        try {
            return $epoch === null ? null : [Tide::of(Coerce::number($kept['mean_m'] ?? null), $waves), $epoch];
        } catch (InvalidInput) {
            return null;
        }
    }
}
