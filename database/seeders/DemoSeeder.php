<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Instruments\MadeUpBottoms;
use App\Instruments\SimulatedTides;
use App\Models\Line;
use App\Models\Spot;
use App\Models\User;
use App\Readings\ReadingKeeper;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** A made-up angler with four made-up waters, a measured box, a season behind and an outing under way. */
final class DemoSeeder extends Seeder
{
    public function run(): void
    {
        $angler = User::query()->create([
            'name' => 'Demo angler', 'email' => config('eskith.demo_email'), 'password' => Str::random(40),
            'settings' => ['demo_day' => Carbon::now()->toIso8601String()],
        ]);
        $this->waters($angler);
        $this->lines($angler);
        $this->rods($angler);
        DemoBox::fill($angler);
        ReadingKeeper::of($angler)->keep([
            'temp' => '37 °F', 'depth' => '26 ft', 'drift' => '0.3 mph', 'wind' => '8 mph', 'clarity' => 'stained',
            'light' => 'dim', 'food' => 'perch',
            'bottom' => 'rock_to_sand', 'species' => 'walleye', 'how' => 'vertical', 'zone' => 'bottom', 'mood' => 'sluggish',
            'trend' => 'steady', 'wall' => 'no', 'wind_from' => 'w', 'cloud' => 'broken',
            'calm' => 'no', 'flow' => 'uniform', 'salt' => 'fresh',
        ]);
        $bar = $angler->spots()->where('name', 'North bar')->firstOrFail();
        $angler->readings()->create(['name' => 'spot', 'text' => (string) $bar->id, 'source' => 'spot', 'read_at' => Carbon::now()]);
        DemoGround::lay($angler, Carbon::now());
        (new DemoSeason($angler, Carbon::now()))->write();
        DemoTrack::lay($angler);
        DemoPictures::lay($angler);
    }

    private function waters(User $angler): void
    {
        $waters = [
            [
                'Hallowmere', 'lake', 'uniform', 0,
                [
                    ['North bar', 7.9, 'rock_to_sand', false], ['Causeway end', 9.5, 'rock', false], ['West gravel', 5.5, 'sand', false],
                ],
            ],
            ['The Corrow', 'river', 'river', 0, [
                ['Gravel shelf', 6.4, 'rock', false], ['Eddy below the narrows', 8.8, 'rock_to_sand', false],
            ]],
            ['Pell quarry', 'quarry', 'uniform', 0, [['Second terrace', 7.6, 'rock', true], ['Slate wall', 11.0, 'rock', true]]],
            ['Tannick harbour', 'harbour', 'uniform', 30, [['Stone mole', 3.6, 'rock', true], ['Pontoon', 4.2, 'weed_scattered', false]]],
        ];
        foreach ($waters as [$name, $kind, $profile, $salinity, $spots]) {
            [$latitude, $longitude] = MadeUpBottoms::ORIGINS[$name];
            $water = $angler->waters()->create([
                ...compact('name', 'kind', 'profile', 'salinity', 'latitude', 'longitude'), 'tide' => SimulatedTides::of($name),
            ]);
            foreach ($spots as [$spot, $depth, $bottom, $wall]) {
                [$east, $north] = MadeUpBottoms::spot($name, $spot);
                Spot::query()->create(
                    [
                        'user_id' => $angler->id, 'water_id' => $water->id, 'name' => $spot, 'depth_m' => $depth,
                        'bottom' => $bottom, 'wall' => $wall, 'east_m' => $east, 'north_m' => $north,
                    ],
                );
            }
        }
    }

    private function lines(User $angler): void
    {
        foreach ([
            ['Braid, 20 lb', 'braid', '0.20 mm', '20 lb', true], ['Braid, 10 lb', 'braid', '0.14 mm', '10 lb', false],
            ['Fluorocarbon, 12 lb', 'fluorocarbon', '0.31 mm', '12 lb', false],
        ] as [$name, $kind, $diameter, $break, $inUse]) {
            Line::query()->create([
                'user_id' => $angler->id, 'name' => $name, 'kind' => $kind, 'in_use' => $inUse,
                'diameter_m' => Measure::parse($diameter, Unit::Millimetre)->si, 'diameter_text' => $diameter,
                'break_n' => Measure::parse($break, Unit::PoundForce)->si, 'break_text' => $break,
                'put_on' => Carbon::today()->subDays($inUse ? 120 : 400),
            ]);
        }
        foreach ([
            ['leader', 'Fluorocarbon leader, 8 lb', '5 ft, tied direct', 1, 41],
            ['leader', 'Stiff leader, 15 lb', '5 ft, small snap', 1, 9],
            ['rod', 'Vertical rod', '6 ft 6 in, medium, extra-fast tip', 1, null],
            ['rod', 'Casting rod', '7 ft 2 in, medium', 1, null], ['reel', 'Spinning reel', '2500', 1, null],
            ['connector', 'Small snaps', 'size 1', 12, null], ['hooks', 'Trebles', 'size 8', 10, null],
        ] as [$kind, $name, $details, $quantity, $days]) {
            $angler->gear()->create([
                'uuid' => (string) Str::uuid(), 'kind' => $kind, 'name' => $name, 'details' => $details, 'quantity' => $quantity,
                'put_on' => $days === null ? null : Carbon::today()->subDays($days),
            ]);
        }
    }

    /** Three that are rigged differently, one of them a partner's, and one that stays out with other bait. */
    private function rods(User $angler): void
    {
        /** @var list<array{string, string|null, bool, string, string, string, string|null, string|null, string}> $rods */
        $rods = [
            ['Vertical rod', null, false, '6 ft 6 in', '1 kg', 'Braid, 20 lb', '8 lb', '5 ft', 'snap'],
            ['Casting rod', null, false, '7 ft 2 in', '1.5 kg', 'Braid, 10 lb', '15 lb', '4 ft', 'direct'],
            ['Red rod', 'Ines', false, '7 ft', '1 kg', 'Fluorocarbon, 12 lb', null, null, 'ring'],
            ['Still rod', null, true, '8 ft', '1 kg', 'Fluorocarbon, 12 lb', null, null, 'swivel'],
        ];
        foreach ($rods as [$name, $owner, $still, $length, $lifts, $line, $strong, $long, $connector]) {
            $angler->rods()->create([
                'uuid' => (string) Str::uuid(), 'name' => $name, 'owner' => $owner, 'still' => $still,
                'length_m' => Measure::parse($length, Unit::Foot)->si, 'length_text' => $length,
                'lifts_kg' => Measure::parse($lifts, Unit::Kilogram)->si, 'lifts_text' => $lifts,
                'line_id' => $angler->lines()->where('name', $line)->value('id'),
                'leader' => $strong === null ? null : 'fluorocarbon',
                'leader_n' => $strong === null ? null : Measure::parse($strong, Unit::PoundForce)->si, 'leader_n_text' => $strong,
                'leader_m' => $long === null ? null : Measure::parse($long, Unit::Foot)->si, 'leader_m_text' => $long,
                'connector' => $connector,
            ]);
        }
        $angler->update(['rod_id' => $angler->rods()->where('name', 'Vertical rod')->value('id')]);
    }
}
