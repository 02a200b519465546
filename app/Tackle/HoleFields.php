<?php

declare(strict_types=1);

namespace App\Tackle;

use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Tackle\Proportions;
use Eskith\Core\Units\InvalidInput;

/** The line holes of a lure as they are dragged, typed or spelled in a CSV, and the usual ones. */
final class HoleFields
{
    /** @return list<array{name: string, x: float, y: float}> nose first */
    public static function read(mixed $given): array
    {
        $given = is_string($given) ? self::spelled($given) : $given;
        if (! is_array($given) || count($given) > 4) {
            throw InvalidInput::because('holes', 'A lure has 0 to 4 line holes.');
        }
        $holes = [];
        foreach ($given as $hole) {
            if (! is_array($hole) || ! isset($hole['name'], $hole['x'], $hole['y'])) {
                throw InvalidInput::because('holes', 'A hole has a name and its place in mm from the nose and up.');
            }
            $name = Typed::text($hole['name'], 'holes', 20);
            if ($name === '' || str_contains($name, '.') || in_array($name, array_column($holes, 'name'), true)) {
                throw InvalidInput::because('holes', 'Each hole needs a name of its own, such as front, middle, back.');
            }
            $at = Point::of(Typed::number($hole['x'], 'holes'), Typed::number($hole['y'], 'holes'), 'holes');
            $holes[] = ['name' => $name, 'x' => $at->x, 'y' => $at->y];
        }
        usort($holes, static fn (array $a, array $b): int => $a['x'] <=> $b['x']);

        return $holes;
    }

    /**
     * @return list<array{name: string, x: string, y: string}> from "front 18 10; middle 25 10.5", as in a CSV
     *
     * @throws InvalidInput
     */
    private static function spelled(string $text): array
    {
        $holes = [];
        foreach (preg_split('/\s*[;|]\s*/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $hole) {
            if (preg_match('/^(\S+)\s+(\S+)\s+(\S+)$/', $hole, $parts) !== 1) {
                throw InvalidInput::because(
                    'holes', '"{hole}" is not a hole. Write its name and two figures in mm: front 18 10.', hole: $hole,
                );
            }
            $holes[] = ['name' => $parts[1], 'x' => $parts[2], 'y' => $parts[3]];
        }

        return $holes;
    }

    /** @return list<array{name: string, x: float, y: float}> */
    public static function usual(Point $size, int $count): array
    {
        return array_map(
            static fn (Hole $hole): array => ['name' => $hole->name, 'x' => $hole->at->x, 'y' => $hole->at->y],
            Proportions::holes($size, $count),
        );
    }
}
