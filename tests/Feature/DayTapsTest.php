<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Outing;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\Support\SendsDayTaps;
use Tests\TestCase;

/** What a device did with no signal and is of no outing: readings, and that an outing began. */
final class DayTapsTest extends TestCase
{
    use RefreshDatabase;
    use SendsDayTaps;

    protected function setUp(): void
    {
        parent::setUp();
        $this->beginAt('2026-11-25 09:00:00');
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_a_reading_that_comes_late_is_kept_of_when_it_was_typed_unless_it_was_read_since(): void
    {
        $this->putJson('/readings', ['readings' => ['depth' => '20 ft', 'temp' => '38 F']])->assertOk();
        Carbon::setTestNow($this->now->copy()->addMinutes(30));
        $sent = [$this->read('depth', '31 ft', -5), $this->read('temp', '41 F', 10), $this->read('light', 'bright', 12)];
        self::assertSame([], $this->sent($sent)['refused'], 'one that is overtaken is settled all the same');
        self::assertSame(['20 ft', '41 F', 'bright'], $this->texts('depth', 'temp', 'light'));
        self::assertSame(
            $this->at(10)->getTimestamp(), $this->angler->readings()->where('name', 'temp')->sole()->read_at->getTimestamp(),
        );
        // Sent once more, after it was read anew here: it changes nothing.
        $this->putJson('/readings', ['readings' => ['temp' => '44 F']])->assertOk();
        $this->sent($sent);
        self::assertSame(['44 F'], $this->texts('temp'));
        // Taken away late: only where nothing was read since.
        $this->sent([$this->read('light', null, 11)]);
        self::assertSame(['bright'], $this->texts('light'));
        $this->sent([$this->read('light', null, 13)]);
        self::assertSame([null], $this->texts('light'));
    }

    public function test_a_copy_that_comes_late_writes_over_nothing_that_was_typed_or_taken_away_a_moment_later(): void
    {
        $typed = fn (?string $text, int $ms): array => [
            ...$this->read('temp', $text, 0), 'at' => $this->now->copy()->addMilliseconds($ms)->format('Y-m-d\TH:i:s.vP'),
        ];
        Carbon::setTestNow($this->at(1));
        $this->sent([$typed('41 F', 100), $typed('42 F', 900)]);
        $this->sent([$typed('41 F', 100)]);
        self::assertSame(['42 F'], $this->texts('temp'));
        $this->sent([$typed(null, 1_200)]);
        $this->sent([$typed('41 F', 100), $typed('42 F', 900)]);
        self::assertSame([null], $this->texts('temp'));
        $this->sent([$typed('43 F', 1_300)]);
        self::assertSame(['43 F'], $this->texts('temp'));
    }

    public function test_each_stands_or_falls_by_itself_and_is_refused_in_a_sentence(): void
    {
        $sent = [
            $this->read('depth', 'soup', 1), $this->read('temp', '39 F', 1), $this->read('moon', 'full', 1),
            $this->read('drift', ' ', 1),
            [...$this->read('clarity', 'clear', 1), 'at' => 'soon'], ['do' => 'log', 'uuid' => 'of an outing', 'kind' => 'drop'],
        ];
        Carbon::setTestNow($this->at(5));
        $answer = $this->sent($sent);

        self::assertSame([$sent[1]['uuid']], $answer['taken']);
        self::assertSame(['39 F', '26 ft', 'stained', '0.3 mph'], $this->texts('temp', 'depth', 'clarity', 'drift'));
        self::assertSame([
            ['depth', '"soup" can\'t be read as a length. Type it like 30 ft, 30\' or 9 m.'],
            ['readings', 'There is no reading called "moon".'], ['drift', 'Nothing was typed. Give a speed such as 0.4 mph or 0.2 m/s.'],
            ['at', 'The time of this reading can\'t be right.'],
            ['do', 'This server doesn\'t know that entry.'],
        ], array_map(static fn (array $one): array => [$one['because'], $one['why']], $answer['refused']));
    }

    public function test_an_outing_begins_when_it_did_and_takes_what_was_done_in_it(): void
    {
        $id = (string) Str::uuid();
        $tie = [
            'do' => 'tie_on', 'uuid' => (string) Str::uuid(), 'at' => $this->when(2), 'lure' => $this->angler->lures()->firstOrFail()->id,
            'hole' => 'middle', 'cadence' => 'low_hop',
        ];
        $drop = ['do' => 'log', 'uuid' => (string) Str::uuid(), 'at' => $this->when(4), 'kind' => 'drop'];
        Carbon::setTestNow($this->at(120));
        foreach ([1, 2] as $twice) {
            self::assertSame([$id], $this->sent([$this->begin($id, 1)])['taken']);
            $taps = $this->postJson("/outings/{$id}/taps", ['angler' => $this->angler->id, 'taps' => [$tie, $drop]])->assertOk();
            self::assertSame([$tie['uuid'], $drop['uuid']], $taps->json('taken'));
        }
        $outing = Outing::query()->sole();
        self::assertSame([$id, $this->at(1)->getTimestamp()], [$outing->uuid, $outing->started_at->getTimestamp()]);
        self::assertSame([1, 1], [$outing->setups()->count(), $outing->events()->count()]);
    }

    public function test_it_goes_into_one_that_is_under_way_with_all_that_follows(): void
    {
        $other = (string) Str::uuid();
        $this->post('/outings', ['uuid' => $other]);
        $id = (string) Str::uuid();
        Carbon::setTestNow($this->at(60));
        self::assertSame([$id], $this->sent([$this->begin($id, -10)])['taken']);
        self::assertSame([$id], $this->sent([$this->begin($id, -10)])['taken'], 'known by then');
        $outing = Outing::query()->sole();
        self::assertSame([$other, $this->at(-10)->getTimestamp()], [$outing->uuid, $outing->started_at->getTimestamp()]);
        $this->postJson("/outings/{$id}/taps", ['angler' => $this->angler->id, 'taps' => [
            ['do' => 'end', 'uuid' => (string) Str::uuid(), 'at' => $this->when(50)],
        ]])->assertOk()->assertJson(['goes' => 'joined', 'into' => $other]);
        // One of a week ago is another day.
        $late = (string) Str::uuid();
        $this->sent([$this->begin($late, -10_000)]);
        self::assertSame(2, Outing::query()->count());
    }

    public function test_what_the_server_had_done_and_could_not_say_is_not_done_twice(): void
    {
        [$uuid, $begun] = [(string) Str::uuid(), (string) Str::uuid()];
        $tie = ['uuid' => $uuid, 'lure' => $this->angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop'];
        $this->post('/tie-on', $tie);
        // Its answer was lost: the device begins with it, and ties it on by the same id.
        $this->sent([$this->begin($begun, 0)]);
        $this->postJson("/outings/{$begun}/taps", [
            'angler' => $this->angler->id, 'taps' => [['do' => 'tie_on', ...$tie, 'at' => $this->when(0)]],
        ])->assertOk()->assertJson(['taken' => [$uuid], 'goes' => 'joined']);
        self::assertSame(1, Outing::query()->sole()->setups()->count());
    }

    public function test_what_another_did_or_a_clock_that_is_days_ahead_is_not_taken(): void
    {
        $id = (string) Str::uuid();
        $this->postJson('/taps', ['angler' => $this->angler->id + 1, 'taps' => [$this->begin($id, 0)]])
            ->assertStatus(409)->assertJson(['goes' => 'stranger', 'taken' => [], 'refused' => []]);
        $answer = $this->sent([[...$this->begin($id, 3000), 'tapped' => $this->when(3000)]]);
        self::assertSame('By its clock this was tapped later than now. Say when it was.', $answer['refused'][0]['why']);
        self::assertSame(0, Outing::query()->count());
    }

    /** @return array<string, mixed> */
    private function read(string $name, ?string $text, int $minute): array
    {
        return ['do' => 'read', 'uuid' => (string) Str::uuid(), 'name' => $name, 'text' => $text, 'at' => $this->when($minute)];
    }

    /** @return array<string, mixed> */
    private function begin(string $id, int $minute): array
    {
        return ['do' => 'begin', 'uuid' => $id, 'at' => $this->when($minute)];
    }

    /** @return list<string|null> */
    private function texts(string ...$names): array
    {
        $kept = $this->angler->readings()->pluck('text', 'name');

        return array_map(static fn (string $name): mixed => $kept[$name] ?? null, array_values($names));
    }
}
