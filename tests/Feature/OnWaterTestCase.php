<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Models\Water;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Tests\TestCase;

/** An angler on a water of their own that lies somewhere, with a wall to sound. */
abstract class OnWaterTestCase extends TestCase
{
    use RefreshDatabase;

    protected User $angler;

    protected Water $water;

    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
        $this->angler = $this->withWater();
        $this->water = $this->angler->waters()->sole();
    }

    protected function withWater(): User
    {
        $angler = $this->anglerOnTheLake();
        $this->actingAs($angler)->post('/spots', ['water' => 'Long tarn', 'spot' => 'Bar']);
        $angler->waters()->update(['latitude' => 61.0, 'longitude' => -7.0]);

        return $angler;
    }

    /** A wall that falls from 3 m to 15 m to the east, with a ledge at 7 m. */
    protected static function wall(float $x): float
    {
        return match (true) {
            $x < 0 => 3.0,
            $x < 4 => 3 + $x,
            $x < 7 => 7.0,
            $x < 15 => 7 + ($x - 7),
            default => 15.0,
        };
    }

    protected function sounded(?Water $water = null): void
    {
        $soundings = [];
        for ($x = -20; $x <= 32; $x++) {
            for ($y = 0; $y <= 40; $y += 8) {
                $soundings[] = ['x' => $x, 'y' => $y, 'depth' => self::wall($x).' m'];
            }
        }
        foreach (array_chunk($soundings, 200) as $some) {
            $this->post('/waters/'.($water ?? $this->water)->id.'/soundings', ['uuid' => (string) Str::uuid(), 'soundings' => $some])
                ->assertSessionHasNoErrors();
        }
    }
}
