<?php

declare(strict_types=1);

namespace App\Readings;

use App\Models\Casts\Moment;
use App\Models\Reading as ReadingRow;
use App\Models\User;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\KeptReading;
use Eskith\Telling\Readings\Typed;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps readings as they are typed, or as instruments say them. */
final readonly class ReadingKeeper
{
    private const GONE = 'readings_gone';

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
    public function keep(array $texts, Source $source = Source::Measured, ?Carbon $at = null): void
    {
        $now = $at ?? Carbon::now();
        $typed = Typed::of($texts, $this->user->settings()->units, $now, $source);
        $rows = array_map(fn (KeptReading $one): array => [
            'user_id' => $this->user->id, 'name' => $one->name, 'text' => $one->text, 'si' => $one->si, 'source' => $one->source,
            'read_at' => (new ReadingRow)->fromDateTime($now),
        ], $typed->read);
        if ($typed->gone !== []) {
            $this->takeAway($typed->gone, $now);
        }
        ReadingRow::query()->upsert($rows, ['user_id', 'name'], ['text', 'si', 'source', 'read_at']);
    }

    /**
     * Keeps a reading that comes late, unless it was read since, or is impossible with the others.
     *
     * @param  string|null  $text  null to take it away
     *
     * @throws InvalidInput when it cannot be read, or is impossible
     */
    public function keepLate(string $name, ?string $text, Carbon $at): void
    {
        DB::transaction(function () use ($name, $text, $at): void {
            if ($this->lastOf($name)?->greaterThan($at) !== true) {
                $this->keep([$name => $text], at: $at);
                TodaysReadings::of($this->user)->demandPossible();
            }
        });
    }

    /**
     * Takes readings away, and remembers since when: a copy of one that comes late stays away.
     *
     * @param  list<string>  $names  also those that are not known
     */
    public function takeAway(array $names, Carbon $at): void
    {
        $this->user->readings()->whereIn('name', $names)->delete();
        $known = array_filter($names, static fn (string $name): bool => Reading::tryFrom($name) !== null);
        DB::table(self::GONE)->upsert(array_map(fn (string $name): array => [
            'user_id' => $this->user->id, 'name' => $name, 'gone_at' => (new ReadingRow)->fromDateTime($at),
        ], array_values($known)), ['user_id', 'name'], ['gone_at']);
    }

    /** @return list<string> names of what was typed or taken away after a moment */
    public function since(Carbon $at): array
    {
        $at = (new ReadingRow)->fromDateTime($at);
        $gone = DB::table(self::GONE)->where('user_id', $this->user->id)->where('gone_at', '>', $at)->pluck('name');

        $read = $this->user->readings()->where('read_at', '>', $at)->pluck('name');

        return array_values($read->concat($gone)->map(Coerce::text(...))->all());
    }

    /** When a reading was last typed or taken away; null when never. */
    private function lastOf(string $name): ?Carbon
    {
        return $this->user->readings()->where('name', $name)->first()->read_at
            ?? Moment::read(DB::table(self::GONE)->where('user_id', $this->user->id)->where('name', $name)->value('gone_at'));
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
                    'source' => Source::Instrument->value, 'read_at' => (new ReadingRow)->fromDateTime(Carbon::now()),
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
