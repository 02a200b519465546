<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Lure;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Lure> */
final class LureFactory extends Factory
{
    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'user_id' => User::factory(), 'uuid' => (string) Str::uuid(), 'position' => 0, 'family' => 'blade',
            'mass_kg' => 0.0141748, 'mass_text' => '1/2 oz',
            'finish' => 'white', 'red_near_hooks' => false, 'length_mm' => 51, 'height_mm' => 19.5,
            'holes' => [
                ['name' => 'front', 'x' => 18, 'y' => 10], ['name' => 'middle', 'x' => 25, 'y' => 10.5],
                ['name' => 'back', 'x' => 32, 'y' => 10],
            ],
            'balance_x' => 19, 'balance_y' => 3, 'search' => '1/2 oz ½ oz 14 g blade white',
        ];
    }

    public function spoon(): self
    {
        return $this->state(
            ['family' => 'spoon', 'search' => '1/2 oz spoon white', 'holes' => [], 'balance_x' => null, 'balance_y' => null],
        );
    }
}
