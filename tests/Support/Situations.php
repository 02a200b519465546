<?php

declare(strict_types=1);

namespace Tests\Support;

use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Readings\Kind;
use Eskith\Core\Units\UnitSet;
use Eskith\Telling\Question;
use Random\Randomizer;

/** What questions are asked with where server and device are held beside each other. */
final class Situations
{
    /** @return array<string, string> what is given with a question */
    public static function given(Question $question, string $first, string $pick): array
    {
        return match ($question) {
            Question::Answer => ['pick' => $pick, 'family' => 'spoon'],
            Question::SecondLook => [],
            Question::Compare => ['a' => $first, 'b' => $pick],
            Question::Way, Question::OnTop, Question::Timing, Question::Rig => ['pick' => $pick],
            Question::Chart => ['across' => 'line', 'of' => 'box'],
            Question::Cast => ['pick' => $pick, 'length' => '25 m', 'bail' => 'open'],
            Question::AngleFix => ['pick' => $pick, 'angle' => '25'],
            Question::Ghost => ['pick' => $pick, 'line' => '0.14 mm'],
            Question::Measured => ['kind' => 'drop', 'pick' => $pick, 'seconds' => '9 s'],
            Question::PhoneDrift => ['fixes' => (string) json_encode(array_map(
                static fn (int $s): array => [$s, 61.0 + 0.000_003 * $s, -7.0 + 0.000_001 * ($s % 7), 5.0], range(0, 90),
            ))],
            Question::NearestSpot => ['lat' => '61.2', 'lon' => '-7.1', 'accuracy' => '8'],
            Question::LineTilt => ['samples' => (string) json_encode(array_map(
                static fn (int $i): array => [$i / 60, 0.02 * ($i % 5), 8.5, 4.9], range(0, 90),
            ))],
            Question::WayBack => ['pick' => $pick, 'lat' => '61.0', 'lon' => '-7.0', 'fixes' => (string) json_encode(array_map(
                static fn (int $i): array => [$i, 61.001 - 0.000_02 * $i, -7.0, 5.0], range(0, 20),
            ))],
            Question::Heading => ['samples' => (string) json_encode(array_map(
                static fn (int $i): array => [$i / 20, 312.0 + ($i % 3), 6.0], range(0, 30),
            ))],
            Question::Lifts => ['pick' => $pick, 'lifts' => '[[[0,0],[0.2,0.02],[0.4,0.1],[0.5,0.13],[0.7,0.2]]]'],
        };
    }

    /** @return array<string, string> some readings, drawn from what each may be */
    public static function drawn(Randomizer $random): array
    {
        $texts = [];
        foreach (Reading::cases() as $reading) {
            $definition = $reading->definition();
            if ($random->getInt(0, 3) !== 0) {
                continue;
            }
            $unit = $definition->unit(UnitSet::metric());
            // Up to a third of what it can be: at the far ends little can stand beside.
            [$least, $most] = $unit === null ? [0.0, 0.0] : $definition->limits($unit);
            $texts[$reading->value] = match ($definition->kind) {
                Kind::Measure => round($least + ($most - $least) * $random->getInt(0, 33) / 100, 1)." {$unit?->symbol()}",
                default => (string) array_keys($definition->options)[$random->getInt(0, max(0, count($definition->options) - 1))],
            };
        }

        return array_filter($texts, static fn (string $text): bool => $text !== '');
    }
}
