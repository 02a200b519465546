<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Readings\Definition;
use Eskith\Core\Choosing\Readings\Kind;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Data\Water\ReadingData;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Readings\Entry;
use Eskith\Telling\Readings\ReadingBook;

/** Puts readings into the words and steps that the strip shows. */
final class ReadingPresenter
{
    /** @return array<string, ReadingData> by name */
    public static function all(ReadingBook $book): array
    {
        return array_combine(
            array_column(Reading::cases(), 'value'),
            array_map(static fn (Reading $reading): ReadingData => self::one($reading, $book), Reading::cases()),
        );
    }

    private static function one(Reading $reading, ReadingBook $book): ReadingData
    {
        $spec = $reading->definition();
        $entry = $book->entries[$reading->value] ?? null;
        $units = $book->settings->units;
        $unit = $spec->unit($units);
        [$min, $max] = $unit === null ? [0.0, 0.0] : $spec->limits($unit);
        $guess = $reading === Reading::Drift && $book->driftIsFromWind() ? $book->driftMs() : null;
        $si = $entry->si ?? $guess;

        return new ReadingData(
            name: $reading->value,
            group: $spec->group->value,
            label: $spec->label,
            kind: $spec->kind,
            text: $entry?->text,
            shown: self::shown($spec, $entry, $guess === null ? null : $units->speed->print($guess)),
            unit: $unit?->symbol() ?? '',
            value: $unit === null || $si === null ? null : round($unit->fromSi($si), 4),
            step: $unit === null ? 0.0 : $spec->step($unit),
            min: round($min, 4),
            max: round($max, 4),
            options: array_map(
                static fn (string|int $value, string $word): OptionData => new OptionData((string) $value, $word),
                array_keys($spec->options), array_values($spec->options),
            ),
            source: $entry?->source->value ?? ($guess === null ? 'missing' : 'assumed'),
            sourceWords: self::sourceWords($entry, $guess !== null, $book->measured->measuredDrift() !== null),
            readAt: $entry?->readAt?->format(DATE_ATOM),
            pinned: $entry->pinned ?? false,
            stale: $entry?->isStale($book->now) ?? false,
            pointed: $spec->isPointed(),
        );
    }

    private static function shown(Definition $spec, ?Entry $entry, ?string $guess): string
    {
        if ($entry === null) {
            return $guess ?? '–';
        }

        return $spec->kind === Kind::Measure ? $entry->text : $spec->word($entry->text);
    }

    private static function sourceWords(?Entry $entry, bool $fromWind, bool $measured): string
    {
        return match ($entry?->source) {
            null => $fromWind ? ($measured ? 'from the wind, by your measured drift' : 'estimated from the wind') : 'not read',
            Source::Assumed => 'assumed',
            Source::Measured => 'read by you',
            Source::Instrument => 'from the instruments',
            Source::Link => 'from the link',
            Source::Spot => 'known of the spot',
        };
    }
}
