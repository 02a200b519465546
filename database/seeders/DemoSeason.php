<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Kits\TyingOn;
use App\Models\Event;
use App\Models\Lure;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\Spot;
use App\Models\User;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Tackle\Family;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A season of outings with touches in bunches, dry spells and lost fish: the same every time but for the dates. */
final class DemoSeason
{
    /** Days ago, spot, °F, fish, length of a usual one in inches, lures by weight and finish, touches per rod-hour. */
    private const OUTINGS = [
        [61, 'Gravel shelf', 57, 'sauger', 14, [['1/2 oz', 'silver'], ['5/8 oz', 'chartreuse']], 1.4],
        [54, 'Second terrace', 55, 'smallmouth', 15, [['1/2 oz', 'white'], ['1/2 oz', 'silver']], 0.8],
        [47, 'Causeway end', 52, 'walleye', 18, [['1/2 oz', 'gold'], ['1/2 oz', 'perch']], 1.9],
        [44, 'Pontoon', 57, 'bream', 12, [['4 g', 'natural'], ['5.5 g', 'black']], 2.2],
        [40, 'North bar', 49, 'walleye', 18, [['1/2 oz', 'perch'], ['3/4 oz', 'perch']], 1.2],
        [33, 'Slate wall', 47, 'smallmouth', 16, [['1/2 oz', 'white'], ['3/8 oz', 'white']], 0.0],
        [29, 'Eddy below the narrows', 46, 'walleye', 17, [['5/8 oz', 'chartreuse'], ['5/8 oz', 'silver']], 1.7],
        [22, 'North bar', 44, 'walleye', 19, [['1/2 oz', 'gold'], ['1/2 oz', 'white']], 2.4],
        [19, 'Stone mole', 52, 'bream', 13, [['5.5 g', 'black'], ['7 g', 'black_white']], 1.1],
        [15, 'Causeway end', 42, 'walleye', 20, [['1/2 oz', 'white'], ['1/2 oz', 'silver']], 0.6],
        [11, 'North bar', 40, 'walleye', 18, [['1/2 oz', 'white'], ['5/8 oz', 'chartreuse']], 2.1],
        [5, 'West gravel', 39, 'perch', 10, [['3/8 oz', 'silver'], ['1/4 oz', 'gold']], 2.6],
    ];

    /** Days ago, spot, °F, and what was on each rod: finish, hole, minutes, touches per rod-hour. */
    private const SIDE_BY_SIDE = [
        // The middle hole is touched about twice as often as the front, good day or poor.
        [412, 'North bar', 48, [['white', 'middle', 150, 2.4], ['white', 'front', 150, 1.1]]],
        [405, 'Causeway end', 45, [['white', 'middle', 140, 3.0], ['white', 'front', 140, 1.5]]],
        [398, 'North bar', 43, [['gold', 'middle', 160, 1.6], ['gold', 'front', 160, 0.7]]],
        [391, 'North bar', 41, [['white', 'middle', 150, 2.2], ['white', 'front', 150, 1.0]]],
        [27, 'North bar', 45, [['white', 'middle', 150, 2.8], ['white', 'front', 150, 1.2]]],
        [13, 'Causeway end', 41, [['white', 'middle', 140, 2.0], ['white', 'front', 140, 1.0]]],
        // Gold and white are touched alike.
        [402, 'Causeway end', 44, [['gold', 'middle', 120, 1.8], ['white', 'middle', 120, 1.7]]],
        [388, 'North bar', 40, [['gold', 'middle', 130, 1.2], ['white', 'middle', 130, 1.3]]],
        [25, 'North bar', 44, [['gold', 'middle', 130, 2.0], ['white', 'middle', 130, 1.9]]],
        [8, 'Causeway end', 39, [['gold', 'middle', 120, 1.5], ['white', 'middle', 120, 1.6]]],
        // Perch was fished on the good days: within the day it is no better.
        [409, 'North bar', 47, [['perch', 'middle', 200, 3.2], ['silver', 'middle', 60, 5.8]]],
        [395, 'Causeway end', 42, [['perch', 'middle', 190, 2.9], ['silver', 'middle', 60, 5.8]]],
        [384, 'North bar', 39, [['perch', 'middle', 60, 0.3], ['silver', 'middle', 200, 0.25]]],
        [31, 'Causeway end', 46, [['perch', 'middle', 60, 0.3], ['silver', 'middle', 210, 0.2]]],
        [17, 'North bar', 42, [['perch', 'middle', 190, 2.8], ['silver', 'middle', 60, 5.8]]],
        [3, 'North bar', 38, [['perch', 'middle', 60, 0.3], ['silver', 'middle', 190, 0.25]]],
    ];

    private const CAME = ['first_fall', 'fall', 'fall', 'fall', 'rest', 'lift', 'lift', 'swim'];

    private Randomizer $dice;

    /** @var Collection<int, Lure> */
    private Collection $box;

    public function __construct(private readonly User $angler, private readonly Carbon $now)
    {
        $this->dice = new Randomizer(new Mt19937(2_026));
        $this->box = $angler->lures()->orderBy('position')->get();
    }

    public function write(): void
    {
        foreach (self::OUTINGS as [$ago, $spot, $fahrenheit, $species, $inches, $lures, $rate]) {
            $start = $this->now->copy()->subDays($ago)->setTime(7, 10 + 5 * $this->dice->getInt(0, 9));
            $outing = $this->outing($spot, $start, ['temp' => "{$fahrenheit} °F", 'species' => $species]);
            $at = $start->copy();
            foreach ($lures as [$weight, $finish]) {
                $setup = $this->tieOn($outing, $weight, $finish, $at);
                $at = $this->fish($outing, $setup, $at, $rate, $species, $inches);
            }
            $outing->update(['ended_at' => $at->addMinutes(10)]);
        }
        $this->twoRods();
        $this->judge();
        $this->today();
    }

    /** What the rules gave each when it was tied on, as it is kept when one ties on for real. */
    private function judge(): void
    {
        $outings = $this->angler->outings()->with('setups')->get();
        foreach ($outings as $outing) {
            $points = TyingOn::of($this->angler)->points(
                array_values(array_map(static fn (Setup $setup): string => $setup->key(), $outing->setups->all())), $outing->readings,
            );
            foreach ($outing->setups as $setup) {
                $setup->update(['rule_points' => $points[$setup->key()] ?? null]);
            }
        }
    }

    /** Outings of two autumns with two rods at once, so that lures can be compared within the same day. */
    private function twoRods(): void
    {
        $rods = $this->angler->rods()->orderBy('id')->pluck('id')->all();
        foreach (self::SIDE_BY_SIDE as $n => [$ago, $spot, $fahrenheit, $setups]) {
            $start = $this->now->copy()->subDays($ago)->setTime(7, 20);
            $outing = $this->outing(
                $spot, $start, ['temp' => "{$fahrenheit} °F", 'species' => 'walleye', 'depth' => '26 ft', 'how' => 'vertical'],
            );
            $end = $start->copy();
            foreach ($setups as $i => [$finish, $hole, $minutes, $rate]) {
                $at = $start->copy()->addMinutes($i);
                $setup = $this->tieOn($outing, '1/2 oz', $finish, $at);
                $setup->update(['rod_id' => $rods[($n + $i) % 2], 'hole' => $hole, 'until_at' => $at->copy()->addMinutes($minutes)]);
                $end = max($end, $this->fish($outing, $setup, $at, $rate, 'walleye', 18, $minutes));
            }
            $outing->update(['ended_at' => $end->copy()->addMinutes(10)]);
        }
    }

    private function today(): void
    {
        $start = $this->now->copy()->subMinutes(78);
        $outing = $this->outing('North bar', $start, ['temp' => '37 °F', 'depth' => '26 ft', 'species' => 'walleye']);
        $setup = $this->tieOn($outing, '1/2 oz', 'white', $start);
        $this->besides($outing);
        $this->plan($outing);
        foreach ([
            [70, 'drop'], [68, 'drop'], [66, 'touch'], [63, 'drop'], [57, 'drop'], [55, 'foul'], [50, 'drop'], [43, 'drop'],
            [36, 'drop'], [33, 'touch'], [31, 'fish'], [29, 'drop'], [27, 'touch'], [24, 'fish'], [21, 'drop'], [18, 'drop'],
            [16, 'drop'], [13, 'drop'], [9, 'drop'], [6, 'drop'], [2, 'drop'],
        ] as [$ago, $kind]) {
            $bite = in_array($kind, ['touch', 'fish'], true);
            $this->event($outing, $setup, $kind, $this->now->copy()->subMinutes($ago), [
                'came' => $bite ? ($ago === 27 ? 'lift' : 'fall') : null,
                'depth_m' => $bite ? 7.9 - 0.15 - 0.5 * $this->roll(0, 1) : 7.9,
                ...($kind === 'fish' ? $this->caught('walleye', $ago === 31 ? 18.5 : 16.0, true) : []),
            ]);
        }
    }

    /** Drifts over the bar, two of them made. */
    private function plan(Outing $outing): void
    {
        $this->angler->plans()->create([
            'uuid' => (string) Str::uuid(), 'outing_id' => $outing->id, 'kind' => 'drift', 'name' => 'North bar',
            'fields' => [
                'area' => '0,0 130,20 170,140 120,230 20,210 -20,90', 'toward' => '20°', 'lane' => '30 ft', 'speed' => '0.3 mph',
                'motor' => '3 mph',
            ],
            'made' => [
                1 => $this->now->copy()->subMinutes(52)->toIso8601String(), 2 => $this->now->copy()->subMinutes(31)->toIso8601String(),
            ],
        ]);
    }

    /** What is on the other rods today. */
    private function besides(Outing $outing): void
    {
        $rods = $this->angler->rods()->pluck('id', 'name');
        $this->tieOn($outing, '3/8 oz', 'white', $this->now->copy()->subMinutes(14))
            ->update(['rod_id' => $rods['Casting rod'], 'cadence' => 'clock_sweep', 'hole' => 'front']);
        $partners = $this->tieOn($outing, '1/2 oz', 'perch', $this->now->copy()->subMinutes(48));
        $partners->update(['rod_id' => $rods['Red rod']]);
        foreach ([44, 37, 30, 22, 12] as $ago) {
            $this->event($outing, $partners, 'drop', $this->now->copy()->subMinutes($ago), ['depth_m' => 7.9]);
        }
        $this->event($outing, $partners, 'touch', $this->now->copy()->subMinutes(2), ['came' => 'fall', 'depth_m' => 7.4]);
        Setup::query()->create([
            'user_id' => $this->angler->id, 'outing_id' => $outing->id, 'uuid' => (string) Str::uuid(), 'rod_id' => $rods['Still rod'],
            'spot_id' => $outing->spot_id, 'depth_m' => 7.9, 'tied_at' => $this->now->copy()->subMinutes(70),
        ]);
    }

    /** Fishes a setup for an hour or two: bites come in bunches, some are lost. */
    private function fish(
        Outing $outing, Setup $setup, Carbon $from, float $rate, string $species, float $inches, ?int $minutes = null,
    ): Carbon {
        $minutes ??= $this->dice->getInt(55, 110);
        $next = $rate > 0 ? $this->wait($rate) : INF;
        for ($minute = 3; $minute < $minutes; $minute += $this->dice->getInt(3, 7)) {
            $at = $from->copy()->addMinutes($minute);
            $this->event($outing, $setup, 'drop', $at, ['depth_m' => $setup->depth_m]);
            if ($minute < $next) {
                continue;
            }
            $hooked = $this->roll(0, 1) < 0.55;
            $this->event($outing, $setup, $hooked ? 'fish' : 'touch', $at->copy()->addSeconds(40), [
                'came' => self::CAME[$this->dice->getInt(0, count(self::CAME) - 1)],
                'depth_m' => max(0.5, $setup->depth_m - $this->roll(0.05, 1.1)),
                ...($hooked ? $this->caught($species, $inches + round($this->roll(-3, 4) * 2) / 2, $this->roll(0, 1) < 0.75) : []),
            ]);
            // Fish gather: half of the time the next one is soon.
            $next = $minute + ($this->roll(0, 1) < 0.5 ? 4 : $this->wait($rate));
        }

        return $from->copy()->addMinutes($minutes);
    }

    private function roll(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->dice->getInt(0, 999_999) / 1e6;
    }

    /** Minutes to the next bite. */
    private function wait(float $perHour): float
    {
        return -60 * log(1 - $this->roll(0, 0.999)) / $perHour;
    }

    /** @return array{species: string, length_m: float, length_text: string, landed: bool} */
    private function caught(string $species, float $inches, bool $landed): array
    {
        $text = floor($inches).(fmod($inches, 1) > 0 ? '½' : '').' in';

        return ['species' => $species, 'length_m' => $inches * 0.0254, 'length_text' => $text, 'landed' => $landed];
    }

    /** @param  array<string, string>  $readings */
    private function outing(string $spot, Carbon $start, array $readings): Outing
    {
        $row = Spot::query()->with('water')->where('user_id', $this->angler->id)->where('name', $spot)->firstOrFail();

        return $this->angler->outings()->create([
            'uuid' => (string) Str::uuid(), 'spot_id' => $row->id, 'place' => $row->placed(),
            'readings' => $readings, 'started_at' => $start,
        ]);
    }

    private function tieOn(Outing $outing, string $weight, string $finish, Carbon $at): Setup
    {
        $lure = $this->box->first(static fn (Lure $lure): bool => $lure->mass_text === $weight && $lure->finish === $finish)
            ?? throw new \LogicException("No {$weight} {$finish} in the demo box.");
        $spot = Spot::query()->findOrFail($outing->spot_id);
        $hole = $lure->holes === [] ? null : $lure->holes[intdiv(count($lure->holes), 2)]['name'];

        $cadence = $lure->family === Family::Blade ? Cadence::LowHop : Cadence::FlutterDrop;
        $steps = $cadence->steps();

        return Setup::query()->create([
            'user_id' => $this->angler->id, 'outing_id' => $outing->id, 'uuid' => (string) Str::uuid(), 'lure_id' => $lure->id,
            'rod_id' => $this->angler->rod_id, 'hole' => $hole, 'cadence' => $cadence,
            'depth_m' => $spot->depth_m, 'spot_id' => $spot->id, 'tied_at' => $at,
            'lift_m' => $steps->liftM, 'lift_s' => $steps->liftSeconds,
            'pause_s' => $steps->pauseSeconds,
        ]);
    }

    /** @param  array<string, mixed>  $more */
    private function event(Outing $outing, Setup $setup, string $kind, Carbon $at, array $more): void
    {
        Event::query()->create([
            'user_id' => $this->angler->id, 'outing_id' => $outing->id, 'setup_id' => $setup->id,
            'uuid' => (string) Str::uuid(), 'kind' => $kind, 'at' => $at, ...$more,
        ]);
    }
}
