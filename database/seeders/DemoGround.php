<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Instruments\MadeUpBottoms;
use App\Models\Edge;
use App\Models\Mark;
use App\Models\Survey;
use App\Models\User;
use App\Models\Water;
use App\Places\Surveys;
use Eskith\Telling\Enums\EdgeKind;
use Eskith\Telling\Enums\MarkKind;
use Eskith\Telling\Enums\SurveySource;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** Soundings, walls, shores, weed and marks of the four made-up waters: the same every time but for the dates. */
final class DemoGround
{
    /** By water: passes over it as west, east, south, north, m between tracks and along them. */
    private const PASSES = [
        'Hallowmere' => [
            [-420, 470, -250, 330, 27, 17], [70, 310, 120, 250, 9, 8], [330, 520, -215, -85, 6, 4], [-350, -220, -30, 70, 13, 10],
        ],
        'The Corrow' => [[-210, 210, -190, 190, 8, 5]],
        'Pell quarry' => [[-94, 94, -77, 40, 5, 3], [0, 94, 40, 77, 4, 2]],
        'Tannick harbour' => [[-90, 90, -76, 76, 7, 5]],
    ];

    /** By water: kind, name, points, and days since it was seen. */
    private const EDGES = [
        'Hallowmere' => [
            ['shore', 'North shore', 'ellipse 20 200', 300], ['shore', 'South shore', 'ellipse 200 380', 300],
            ['wall', 'Causeway, east side', [[389, -133], [520, -185]], 40],
            ['weed', 'Bar weed', [[128, 196], [168, 180], [212, 166], [258, 150]], 12],
            [
                'weed', 'West weed', [[-350, 60], [-310, 82], [-262, 86], [-215, 72]], 46,
            ], ['weed', 'West weed', [[-342, 52], [-300, 66], [-258, 68]], 9],
        ],
        'The Corrow' => [['wall', 'Shelf edge', [[44, 58], [78, 88], [112, 112]], 55]],
        'Pell quarry' => [
            ['shore', 'Rim', [[-95, -45], [-52, -78], [95, -78], [95, 45], [52, 78], [-95, 78], [-95, -45]], 300],
            ['wall', 'Slate wall', [[10, 52], [62, 52], [70, 42], [70, 4]], 33],
        ],
        'Tannick harbour' => [
            ['shore', 'Quay', [[-92, -78], [-92, 78], [92, 78]], 300], ['wall', 'Stone mole', [[-88, -75], [-30, -34]], 19],
            ['weed', 'Pontoon weed', [[-24, 66], [0, 61], [26, 66]], 44],
        ],
    ];

    /** By water: kind, east, north, bottom, side, direction, note, days ago. */
    private const MARKS = [
        'Hallowmere' => [
            ['fish', 152, 184, null, 'east side', 'deep to shallow', '', 22], ['fish', 172, 171, null, 'east side', '', '', 11],
            [
                'fish', 159, 190, null, '', '', '', 3,
            ], ['patch', 200, 158, null, 'off the end of the bar', 'with the wind', 'four in an hour', 22],
            ['fish', 371, -118, null, 'tip of the causeway', '', '', 15], ['snag', 402, -150, null, '', '', 'old post', 47],
            ['bottom', 205, 182, 'gravel_shell', '', '', '', 40], ['bottom', 60, 40, 'mud', '', '', '', 40],
            ['bottom', 440, -152, 'rock', '', '', '', 47], ['bottom', -300, 78, 'weed_scattered', '', '', '', 9],
        ],
        'The Corrow' => [
            ['fish', 80, 112, null, 'inside of the shelf', 'upstream', '', 61], ['snag', -40, -28, null, '', '', 'timber', 61],
            ['fish', -92, -70, null, 'seam of the eddy', '', '', 29],
        ],
        'Pell quarry' => [
            ['fish', -56, -66, null, 'shaded side', '', '', 54], ['edge', 20, 62, null, '', '', 'ledge as wide as the boat', 33],
            ['bottom', 0, 0, 'mud', '', '', '', 54], ['rock', 60, 44, null, '', '', 'slab', 33],
        ],
        'Tannick harbour' => [
            ['fish', -58, -46, null, 'along the mole', 'with the ebb', '', 19], ['snag', 30, 48, null, '', '', 'mooring chain', 44],
            ['bottom', -10, 10, 'mud', '', '', '', 44],
        ],
    ];

    private function __construct(private readonly User $angler, private readonly Carbon $now)
    {
    }

    public static function lay(User $angler, Carbon $now): void
    {
        $self = new self($angler, $now);
        foreach ($angler->waters()->get() as $water) {
            $self->survey($water);
            $self->edges($water);
            $self->marks($water);
        }
        $angler->waters()->where('name', 'Hallowmere')->update(
            ['level_m' => -0.37, 'level_text' => '-1.2 ft', 'level_at' => $now->copy()->subDays(2)],
        );
        $angler->waters()->where('name', 'Tannick harbour')->update(['flood_deg' => 60, 'fastest_ms' => 0.36, 'fastest_text' => '0.8 mph']);
        $angler->spots()->where('name', 'Stone mole')->update(['facing_deg' => 60]);
        $angler->spots()->where('name', 'Pontoon')->update(['facing_deg' => 200]);
    }

    private function survey(Water $water): void
    {
        foreach (self::PASSES[$water->name] ?? [] as $n => [$west, $east, $south, $north, $apart, $step]) {
            $soundings = [];
            for ($y = $south, $line = 0; $y <= $north; $y += $apart, $line++) {
                for ($x = $west; $x <= $east; $x += $step) {
                    // No boat goes straight, and no echo is steady.
                    $at = [$x + 0.3 * $step * sin($line * 7.1 + $x / 9), $y + 0.22 * $apart * sin($x / 41 + $line * 2.3)];
                    $depth = MadeUpBottoms::depthM($water->name, ...$at);
                    if ($depth !== null && $depth > 0.8) {
                        $soundings[] = [...$at, $depth + 0.04 * sin($x * 12.9898 + $y * 78.233)];
                    }
                }
            }
            $from = $this->now->copy()->subDays(70 - 9 * $n)->setTime(9, 10);
            $row = Survey::query()->create([
                'user_id' => $this->angler->id, 'water_id' => $water->id, 'uuid' => (string) Str::uuid(),
                'name' => $n === 0 ? 'All over, first look' : 'Closer, the '.['', 'bar', 'causeway', 'west gravel'][$n],
                'source' => SurveySource::Instruments, 'from_at' => $from, 'until_at' => $from->copy()->addSeconds(6 * count($soundings)),
                'seconds' => 6 * count($soundings), 'brought' => 6 * count($soundings), 'spikes' => 3 + $n,
            ]);
            Surveys::of($this->angler)->keep($row, $soundings);
        }
    }

    private function edges(Water $water): void
    {
        foreach (self::EDGES[$water->name] ?? [] as [$kind, $name, $points, $ago]) {
            Edge::query()->create([
                'user_id' => $this->angler->id, 'water_id' => $water->id, 'uuid' => (string) Str::uuid(), 'kind' => EdgeKind::from($kind),
                'name' => $name, 'points' => is_string($points) ? self::ellipse($points) : $points,
                'seen_on' => $this->now->copy()->subDays($ago)->format('Y-m-d'),
            ]);
        }
    }

    private function marks(Water $water): void
    {
        foreach (self::MARKS[$water->name] ?? [] as [$kind, $east, $north, $bottom, $side, $direction, $note, $ago]) {
            Mark::query()->create([
                'user_id' => $this->angler->id, 'water_id' => $water->id, 'uuid' => (string) Str::uuid(), 'kind' => MarkKind::from($kind),
                'east_m' => $east, 'north_m' => $north, 'depth_m' => MadeUpBottoms::depthM(
                    $water->name, $east, $north
                ), 'bottom' => $bottom, 'side' => $side, 'direction' => $direction,
                'note' => $note, 'at' => $this->now->copy()->subDays($ago)->setTime(9, 40),
            ]);
        }
    }

    /**
     * A piece of the lake's shore, a little out of round.
     *
     * @return list<array{float, float}>
     */
    private static function ellipse(string $words): array
    {
        [, $from, $to] = explode(' ', $words);
        $points = [];
        for ($degrees = (int) $from; $degrees <= (int) $to; $degrees += 6) {
            $out = 0.985 + 0.012 * sin(deg2rad(5 * $degrees));
            $points[] = [round(60 + 560 * $out * cos(deg2rad($degrees)), 1), round(20 + 400 * $out * sin(deg2rad($degrees)), 1)];
        }

        return $points;
    }
}
