<?php

declare(strict_types=1);

namespace App\Console;

use Eskith\Core\Formats\Jpeg;
use Eskith\Core\Tackle\Outline;
use Eskith\Core\Water\BoatTrack;
use Eskith\Core\Water\Position;
use Eskith\Telling\Question;

/** Figures by which the scripts go as the core does, and what a device can answer: written to TypeScript from where each is defined. */
final class Figures
{
    public static function path(): string
    {
        return base_path('resources/js/figures.ts');
    }

    public static function text(): string
    {
        $text = "// Written by `php artisan types` from where each of these is defined. Change it there.\n\n"
            ."/** A letter of an SVG path with its points: x in lengths of the lure, y in its heights from the middle. */\n"
            ."export type Command = readonly [string, readonly number[]];\n";
        foreach (self::all() as $name => [$what, $value]) {
            $text .= "\n/** {$what} */\nexport const {$name} = ".json_encode($value, JSON_THROW_ON_ERROR).";\n";
        }
        $questions = array_map(static fn (Question $one): string => "\t\"/{$one->value}\",\n", Question::cases());

        return $text."\n/** What this device can answer by itself, each by its address. */\nexport const QUESTIONS: readonly string[] = [\n"
            .implode('', $questions)."];\n";
    }

    /** @return array<string, array{string, mixed}> what each is, and its value, by name */
    private static function all(): array
    {
        return [
            'BLADE_BACK' => ['Share of the height of a blade that its back stands above the nose.', Outline::BLADE_BACK],
            'CLEAR_MM' => ['mm of metal above the highest hole of a blade.', Outline::CLEAR_MM],
            'SURE_M' => ['m within which a phone must know where it is for anything to rest on it.', Position::SURE_M],
            'UNDER_WAY_MS' => ['m/s above which a boat is under way, and not fished from.', BoatTrack::UNDER_WAY_MS],
            'PICTURE_EDGE' => ['Largest edge of a picture that is kept, dots.', Jpeg::EDGE],
            'PICTURE_BYTES' => ['Largest file of a picture that is kept, bytes.', Jpeg::BYTES],
        ];
    }
}
