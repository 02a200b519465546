<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\User;
use Illuminate\Support\Carbon;

/** What a device did at minutes after a moment, sent as what is of no outing. */
trait SendsDayTaps
{
    private User $angler;

    private Carbon $now;

    private function beginAt(string $moment): void
    {
        Carbon::setTestNow($this->now = Carbon::parse($moment));
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    private function at(int $minute): Carbon
    {
        return $this->now->copy()->addMinutes($minute);
    }

    private function when(int $minute): string
    {
        return $this->at($minute)->toIso8601ZuluString('millisecond');
    }

    /**
     * @param  list<array<string, mixed>>  $taps
     * @return array<string, mixed>
     */
    private function sent(array $taps): array
    {
        return (array) $this->postJson('/taps', ['angler' => $this->angler->id, 'taps' => $taps])->assertOk()->json();
    }
}
