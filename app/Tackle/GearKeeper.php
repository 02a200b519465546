<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Models\Gear;
use App\Models\History;
use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Lines and gear, kept and cared for; what is done is written to the item's history. */
final readonly class GearKeeper
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** @param  array{name: string, diameter_text: string, ...}  $line  columns; the first line of all goes on the reel */
    public function keepLine(array $line): void
    {
        $this->user->lines()->firstOrCreate(
            ['name' => $line['name'], 'diameter_text' => $line['diameter_text']],
            [...$line, 'in_use' => $this->user->lines()->doesntExist()],
        );
    }

    /** @param  array{uuid: string, ...}  $gear  columns */
    public function keep(array $gear): void
    {
        $this->user->gear()->firstOrCreate(['uuid' => $gear['uuid']], $gear);
    }

    /** Puts gear away, or takes it back; whether it is away then. */
    public function putAway(Gear $gear): bool
    {
        $gear->update(['retired_at' => $gear->retired_at === null ? Carbon::now() : null]);

        return $gear->retired_at !== null;
    }

    /** The line goes on the reel of the rod in hand: drops are reckoned with it. */
    public function putOnTheReel(int $lineId): void
    {
        $line = $this->user->lines()->findOrFail($lineId);
        DB::transaction(function () use ($line): void {
            $this->user->lines()->update(['in_use' => false]);
            // Also one that is there already: as it was read it is no change.
            $this->user->lines()->whereKey($line->id)->update(['in_use' => true]);
            $this->user->rods()->whereKey($this->user->rod_id)->update(['line_id' => $line->id]);
        });
    }

    /**
     * Ticks something off.
     *
     * @param  string  $item  "lure.7", "line.2" or "gear.3"
     * @return string|null what was done; null when it was written down before
     *
     * @throws InvalidInput when there is no such thing
     */
    public function tickOff(string $uuid, string $item): ?string
    {
        [$kind, $id] = [...explode('.', $item), ''];

        return DB::transaction(function () use ($uuid, $kind, $id): ?string {
            if ($this->user->history()->where('uuid', $uuid)->exists()) {
                return null;
            }
            $what = match ($kind) {
                'lure' => $this->sharpened((int) $id),
                'line' => $this->user->lines()->find((int) $id)?->update(['put_on' => Carbon::today()]) === true
                    ? 'Line turned round or replaced'
                    : null,
                'gear' => $this->user->gear()->find((int) $id)?->update(['put_on' => Carbon::today()]) === true ? 'Leader retied' : null,
                default => null,
            } ?? throw InvalidInput::because('item', 'That is gone from your box.');
            History::query()->create(
                ['user_id' => $this->user->id, 'uuid' => $uuid, "{$kind}_id" => (int) $id, 'what' => $what, 'at' => Carbon::now()],
            );

            return $what;
        });
    }

    private function sharpened(int $lureId): ?string
    {
        $lure = $this->user->lures()->find($lureId);
        $lure?->update(['hooks' => [...$lure->hooks ?? [], 'sharpened' => Carbon::today()->toDateString()]]);

        return $lure === null ? null : 'Hooks sharpened or changed';
    }
}
