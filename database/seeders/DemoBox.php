<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\User;
use App\Tackle\Box;
use Illuminate\Support\Str;

/** The demo angler's two dozen lures, measured: length and height, holes and balance point in mm from the nose. */
final class DemoBox
{
    private const HALF = [51.0, 19.5, [['front', 18, 10], ['middle', 25, 10.5], ['back', 32, 10]], [19.0, 3.0]];

    private const THREE_EIGHTHS = [46.0, 18.0, [['front', 15, 9], ['second', 20, 9.5], ['third', 25, 9.5], ['back', 30, 9]], [17.5, 2.8]];

    private const FIVE_EIGHTHS = [55.0, 21.0, [['front', 19.5, 10.8], ['middle', 27, 11.2], ['back', 34.5, 10.6]], [20.6, 3.2]];

    private const THREE_QUARTER = [58.0, 22.5, [['front', 20.5, 11.4], ['middle', 28.5, 11.9], ['back', 36.5, 11.2]], [21.8, 3.4]];

    private const QUARTER = [41.0, 15.5, [['front', 14.5, 8], ['middle', 20, 8.4], ['back', 25.6, 8]], [15.2, 2.4]];

    private const VIBE = [33.0, 12.0, [['front', 11, 6], ['middle', 15, 6.3], ['back', 19, 6]], [12.0, 2.0]];

    public static function fill(User $angler): void
    {
        $box = [
            ['blade', '1/2 oz', 'white', true, self::HALF],
            ['blade', '1/2 oz', 'gold', false, self::HALF],
            ['blade', '1/2 oz', 'silver', false, self::HALF],
            ['blade', '1/2 oz', 'perch', false, self::HALF],
            ['blade', '1/2 oz', 'natural', false, self::HALF],
            ['blade', '5/8 oz', 'chartreuse', false, self::FIVE_EIGHTHS],
            ['blade', '5/8 oz', 'silver', false, self::FIVE_EIGHTHS],
            ['blade', '3/4 oz', 'perch', false, self::THREE_QUARTER],
            ['blade', '3/4 oz', 'white', false, self::THREE_QUARTER],
            ['blade', '3/8 oz', 'white', false, self::THREE_EIGHTHS],
            ['blade', '3/8 oz', 'chartreuse', false, self::THREE_EIGHTHS],
            ['blade', '1/4 oz', 'silver', false, self::QUARTER],
            ['blade', '1/4 oz', 'gold', false, self::QUARTER],
            ['spoon', '1/2 oz', 'silver', false, [60.0, 13.5, [], null]],
            ['spoon', '1/2 oz', 'gold', false, [60.0, 13.5, [], null]],
            ['spoon', '3/4 oz', 'white', true, [68.0, 15.0, [], null]],
            ['spoon', '3/8 oz', 'silver', false, [52.0, 12.5, [], null]],
            ['bladed_spoon', '3/8 oz', 'white', false, [46.0, 12.0, [], null]],
            ['bladed_spoon', '5/8 oz', 'silver', false, [54.0, 13.5, [], null]],
            ['tail_spinner', '1/2 oz', 'white', false, [31.0, 14.0, [], null]],
            ['tail_spinner', '1/2 oz', 'silver', false, [31.0, 14.0, [], null]],
            ['blade', '4 g', 'natural', false, self::VIBE],
            ['blade', '5.5 g', 'black', true, self::VIBE],
            ['blade', '7 g', 'black_white', false, self::VIBE],
        ];
        foreach ($box as $position => [$family, $weight, $finish, $red, [$length, $height, $holes, $balance]]) {
            Box::of($angler)->add((string) Str::uuid(), [
                'family' => $family, 'weight' => $weight, 'finish' => $finish, 'red' => $red, 'length' => $length, 'height' => $height,
                'holes' => array_map(static fn (array $hole): array => ['name' => $hole[0], 'x' => $hole[1], 'y' => $hole[2]], $holes),
                'balance' => $balance, 'quantity' => $position % 5 === 0 ? 2 : 1,
            ]);
        }
    }
}
