<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Lure;
use App\Models\User;
use App\Readings\ReadingKeeper;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as Base;

abstract class TestCase extends Base
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    /** Somebody else at the same test is somebody else's browser: nothing of a session before is theirs. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->app?->make('session')->flush();

        return parent::actingAs($user, $guard);
    }

    /** @param  array<string, string>  $settings */
    protected function angler(array $settings = []): User
    {
        return User::factory()->create(['settings' => $settings]);
    }

    /** An angler with three blades and a spoon, and readings of a cold dim lake. */
    protected function anglerOnTheLake(): User
    {
        $angler = $this->angler();
        foreach (['white', 'gold', 'silver'] as $finish) {
            Lure::factory()->for($angler)->create(['finish' => $finish]);
        }
        Lure::factory()->for($angler)->spoon()->create();
        ReadingKeeper::of($angler)->keep([
            'temp' => '37 F', 'depth' => '26 ft', 'drift' => '0.3 mph', 'clarity' => 'stained', 'light' => 'dim',
            'bottom' => 'rock_to_sand',
            'species' => 'walleye', 'how' => 'vertical',
        ]);

        return $angler;
    }
}
