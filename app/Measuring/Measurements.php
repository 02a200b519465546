<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Kits\Kits;
use App\Models\User;
use App\Readings\ReadingKeeper;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Asked;
use Eskith\Telling\Water\Measuring;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps what the angler measured, each once by its uuid. */
final readonly class Measurements
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * @param  array<array-key, mixed>  $given  as it was typed
     * @param  array<array-key, mixed>  $readings  of the water as they were where it was made, by name; the rest as they stand
     * @return string what it changes, in a sentence
     *
     * @throws InvalidInput when it cannot be read, or nothing can be worked out from it
     */
    public function keep(string $uuid, array $given, Carbon $at, array $readings = []): string
    {
        return DB::transaction(function () use ($uuid, $given, $at, $readings): string {
            if ($this->user->measurements()->where('uuid', $uuid)->exists()) {
                return 'Kept already.';
            }
            $kit = Kits::of($this->user);
            $made = Measuring::of($kit, $kit->book($at, $readings), new Asked($given), $uuid, $at);
            if ($made->drift !== null) {
                ReadingKeeper::of($this->user)->keepLate('drift', $made->drift, $at);
            }
            if ($made->row !== null) {
                $this->user->measurements()->firstOrCreate(['uuid' => $uuid], [
                    'kind' => $made->row->kind, 'lure_id' => $made->row->lure, 'hole' => $made->row->hole, 'value' => $made->row->value,
                    'method' => $made->row->method, 'measured_at' => $at,
                ]);
            }

            return $made->said;
        });
    }
}
