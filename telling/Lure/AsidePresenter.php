<?php

declare(strict_types=1);

namespace Eskith\Telling\Lure;

use Eskith\Core\Choosing\Reading;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\AsideData;
use Eskith\Telling\Kept\Part;
use Eskith\Telling\Kept\UnusableRow;

/** Says what was left out because it cannot be used, and how it is mended. */
final class AsidePresenter
{
    /** Told at a time; the rest follows when these are mended. */
    private const MOST = 6;

    /** @return list<AsideData> what was left out of an answer, and readings of today that nobody read */
    public static function of(RankedBox $rankedBox): array
    {
        return self::all($rankedBox->aside);
    }

    /**
     * @param  list<UnusableRow>  $aside
     * @return list<AsideData>
     */
    public static function all(array $aside): array
    {
        return array_map(self::one(...), array_slice($aside, 0, self::MOST));
    }

    private static function one(UnusableRow $aside): AsideData
    {
        $text = self::shown($aside->text);
        [$words, $mend] = match ($aside->part) {
            Part::Reading => [self::reading($aside->key, $text), 'Take it away'],
            Part::Measurement => [Words::of(
                "The measurement “{text}” can't be right, so the estimate is used.", text: $text,
            ), 'Take it away'],
            Part::Lure => [
                Words::of("The lure “{text}” can't be read, so it is left out.", text: $text),
                'Mend it with usual measures',
            ],
            Part::Rule => ["A rule of your own can't be read, so it is ignored.", 'Take it away'],
            Part::Line => [
                Words::of(
                    'The line “{text}” has an impossible diameter. A usual one is assumed.', text: $text,
                ), 'Take it off the reel',
            ],
            Part::MadeUp => [
                Words::of('{text}. These came from a made-up forecast, not from you.', text: ucfirst(rtrim($text, '.'))),
                'Take them out',
            ],
        };

        return new AsideData($words, $mend, $aside->part->value, self::shown($aside->key));
    }

    private static function reading(string $name, string $text): string
    {
        $label = Reading::tryFrom($name)?->definition()->label;

        return $label === null
            ? Words::of("“{text}” is a reading Eskith doesn't know, so it is ignored.", text: $text)
            : Words::of(
                "{label} is “{text}”, which can't be right, so it is ignored. Read it again, or clear it.",
                label: ucfirst($label), text: $text,
            );
    }

    private static function shown(string $text): string
    {
        return mb_substr(mb_scrub($text, 'UTF-8'), 0, 90);
    }
}
