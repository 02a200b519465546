<?php

declare(strict_types=1);

namespace App\Readings;

use App\Models\Reading as ReadingRow;
use App\Models\User;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Readings\Renamed;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps readings as they are typed, or as instruments say them. */
final readonly class ReadingKeeper
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * Keeps readings; the same again changes nothing but the time.
     *
     * @param  array<array-key, string|null>  $texts  name => what was typed, null to take the reading away, also one that is not known
     *
     * @throws InvalidInput when one cannot be read; then none is kept
     */
    public function keep(array $texts, Source $source = Source::Measured): void
    {
        $units = $this->user->settings()->units;
        $rows = [];
        $gone = [];
        foreach ($texts as $name => $text) {
            if ($text === null) {
                $gone[] = (string) $name;

                continue;
            }
            // What says nothing any more is no reading to keep.
            [$name, $text] = Renamed::reading((string) $name, $text) ?? ['', ''];
            if ($name === '') {
                continue;
            }
            $reading = Reading::tryFrom($name) ?? throw InvalidInput::because(
                'readings', 'There is no reading called "'.mb_substr($name, 0, 30).'".',
            );
            [$shown, $si] = $reading->read($text, $units);
            $rows[] = [
                'user_id' => $this->user->id, 'name' => $name, 'text' => $shown, 'si' => $si, 'source' => $source->value,
                'read_at' => Carbon::now(),
            ];
        }
        if ($gone !== []) {
            ReadingRow::query()->where('user_id', $this->user->id)->whereIn('name', $gone)->delete();
        }
        ReadingRow::query()->upsert($rows, ['user_id', 'name'], ['text', 'si', 'source', 'read_at']);
    }

    /**
     * Keeps what instruments say, in the angler's units; what the angler has pinned stays.
     *
     * @param  array<string, float>  $values  SI, by name
     */
    public function hear(array $values): void
    {
        $units = $this->user->settings()->units;
        $pinned = $this->user->readings()->where('pinned', true)->pluck('name')->map(Coerce::text(...))->all();
        $rows = [];
        foreach (array_diff_key($values, array_flip($pinned)) as $name => $si) {
            $spec = Reading::from($name)->definition();
            $unit = $spec->unit($units);
            if ($unit !== null && $spec->holds('', $si)) {
                $rows[] = [
                    'user_id' => $this->user->id, 'name' => $name, 'text' => $unit->print($si), 'si' => $si,
                    'source' => Source::Instrument->value, 'read_at' => Carbon::now(),
                ];
            }
        }
        ReadingRow::query()->upsert($rows, ['user_id', 'name'], ['text', 'si', 'source', 'read_at']);
    }

    /**
     * Keeps readings, unless they are impossible together.
     *
     * @param  array<array-key, string|null>  $texts  as for keep()
     *
     * @throws InvalidInput when they are; then none is kept
     */
    public function keepPossible(array $texts): void
    {
        DB::transaction(function () use ($texts): void {
            $this->keep($texts);
            TodaysReadings::of($this->user)->demandPossible();
        });
    }
}
