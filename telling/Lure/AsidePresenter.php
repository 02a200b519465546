<?php

declare(strict_types=1);

namespace Eskith\Telling\Lure;

use Eskith\Core\Choosing\Reading;
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
            Part::Measurement => ["The measurement “{$text}” cannot be right, so the estimate is used.", 'Take it away'],
            Part::Lure => [
                "The lure “{$text}” is kept with figures that cannot be read, so it is left out.",
                'Mend it with usual measures',
            ],
            Part::Rule => ['A rule of your own is kept in a form that cannot be read, so it does not count.', 'Take it away'],
            Part::Line => [
                "The line “{$text}” is kept with a diameter no line has, so a usual one is assumed.", 'Take it off the reel',
            ],
            Part::MadeUp => [
                ucfirst(rtrim($text, '.')).'.'.' These came from a made-up forecast; you never read them.',
                'Take them out',
            ],
        };

        return new AsideData($words, $mend, $aside->part->value, self::shown($aside->key));
    }

    private static function reading(string $name, string $text): string
    {
        $label = Reading::tryFrom($name)?->definition()->label;

        return $label === null
            ? "“{$text}” is kept as a reading that Eskith does not know, so it is left out."
            : ucfirst($label)." is kept as “{$text}”, which cannot be right, so it is left out; read it anew, or take it away.";
    }

    private static function shown(string $text): string
    {
        return mb_substr(mb_scrub($text, 'UTF-8'), 0, 90);
    }
}
