<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Care\Species;
use Eskith\Core\Units\Constants;

/** A usual dozen for an empty box: plain lures, by the fish sought and the water. Not measured, and nobody's own yet. */
enum StartingBox: string
{
    case Still = 'still';
    case Current = 'current';
    case Small = 'small';
    case Bream = 'bream';

    /** @param  bool  $current  whether the water runs */
    public static function for(Species $fish, bool $current): self
    {
        return match (true) {
            $fish === Species::Bream => self::Bream,
            in_array($fish, [Species::WhiteBass, Species::Perch, Species::Crappie], true) => self::Small,
            $current => self::Current,
            default => self::Still,
        };
    }

    /** What it is for. */
    public function word(): string
    {
        return match ($this) {
            self::Still => 'walleye and bass, still water',
            self::Current => 'walleye and bass, current',
            self::Small => 'white bass, perch, crappie',
            self::Bream => 'bream',
        };
    }

    /** @return list<Lure> a dozen; each is named after its place */
    public function lures(): array
    {
        [$blade, $spoon, $bladed, $spinner] = [Family::Blade, Family::Spoon, Family::BladedSpoon, Family::TailSpinner];
        $ounces = static fn (Family $family, float $oz, Finish $finish): array => [$family, $oz * Constants::OUNCE_KG, $finish];
        $grams = static fn (float $grams, Finish $finish): array => [Family::Blade, $grams / 1000, $finish];
        $dozen = match ($this) {
            self::Still => [
                $ounces($blade, 1 / 4, Finish::Silver), $ounces($blade, 3 / 8, Finish::White),
                $ounces($blade, 3 / 8, Finish::Gold), $ounces($blade, 1 / 2, Finish::White),
                $ounces($blade, 1 / 2, Finish::Silver), $ounces($blade, 1 / 2, Finish::Perch),
                $ounces($blade, 5 / 8, Finish::Chartreuse), $ounces($blade, 3 / 4, Finish::Silver),
                $ounces($spoon, 1 / 2, Finish::Silver), $ounces($spoon, 3 / 4, Finish::Gold),
                $ounces($bladed, 3 / 8, Finish::White), $ounces($spinner, 1 / 2, Finish::Silver),
            ],
            self::Current => [
                $ounces($blade, 3 / 8, Finish::White), $ounces($blade, 1 / 2, Finish::White),
                $ounces($blade, 1 / 2, Finish::Gold), $ounces($blade, 5 / 8, Finish::Silver),
                $ounces($blade, 5 / 8, Finish::Chartreuse), $ounces($blade, 3 / 4, Finish::White),
                $ounces($blade, 3 / 4, Finish::Gold), $ounces($blade, 1, Finish::Silver),
                $ounces($spoon, 3 / 4, Finish::Silver), $ounces($spoon, 1, Finish::Gold),
                $ounces($bladed, 5 / 8, Finish::Silver), $ounces($spinner, 1 / 2, Finish::White),
            ],
            self::Small => [
                $ounces($blade, 1 / 4, Finish::Silver), $ounces($blade, 1 / 4, Finish::White),
                $ounces($blade, 3 / 8, Finish::Silver), $ounces($blade, 3 / 8, Finish::Gold),
                $ounces($blade, 1 / 2, Finish::White), $ounces($spoon, 1 / 4, Finish::Silver),
                $ounces($spoon, 3 / 8, Finish::Gold), $ounces($spoon, 1 / 2, Finish::White),
                $ounces($bladed, 3 / 8, Finish::White), $ounces($bladed, 3 / 8, Finish::Silver),
                $ounces($bladed, 1 / 2, Finish::Silver), $ounces($spinner, 1 / 2, Finish::White),
            ],
            self::Bream => [
                $grams(3, Finish::Black), $grams(3, Finish::Natural), $grams(3, Finish::Silver), $grams(4.5, Finish::Black),
                $grams(4.5, Finish::White), $grams(4.5, Finish::Chartreuse), $grams(6, Finish::Black), $grams(6, Finish::Gold),
                $grams(6, Finish::Red), $grams(7, Finish::Black), $grams(7, Finish::Natural), $grams(7, Finish::Silver),
            ],
        };

        return array_map(
            static fn (array $one, int $place): Lure => Lure::of((string) $place, $one[0], $one[1], $one[2]->value), $dozen,
            array_keys($dozen),
        );
    }
}
