<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Units\Constants;
use Eskith\Core\Units\Fraction;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Words\Words;

/** Puts figures into the angler's own units. */
final readonly class UnitFormat
{
    /** Relative miss up to which a weight counts as stamped in half grams. */
    private const STAMPED = 0.002;

    /** @param  bool  $silent  says nothing, for situations of which only the points are wanted */
    public function __construct(public UnitSet $units, private bool $silent = false)
    {
    }

    /** Whether nothing is said: an order alone is looked for. */
    public function isSilent(): bool
    {
        return $this->silent;
    }

    public function temperature(float $celsius): string
    {
        return $this->silent ? '' : $this->units->temperature->print($celsius);
    }

    public function depth(float $metres): string
    {
        return $this->silent ? '' : $this->units->depth->print($metres);
    }

    public function speed(float $metresPerSecond): string
    {
        return $this->silent ? '' : $this->units->speed->print($metresPerSecond);
    }

    /** A lure's weight as it is stamped on it: a vibe of 3 g is 3 g also where ounces are liked. */
    public function weight(float $kg): string
    {
        if ($this->silent) {
            return '';
        }
        $halfGrams = round($kg * 2000);
        $stamped = $this->units->lureWeight === Unit::Ounce && Fraction::near($kg / Constants::OUNCE_KG) === null
            && abs($halfGrams / 2000 - $kg) < self::STAMPED * $kg;

        return ($stamped ? Unit::Gram : $this->units->lureWeight)->print($kg);
    }

    /** A reckoned weight, in the angler's unit. */
    public function mass(float $kg): string
    {
        return $this->units->lureWeight->print($kg);
    }

    /** A weight of the ounce series: in grams it is said rounded. */
    public function step(float $ounces): string
    {
        return $this->weight($ounces * Constants::OUNCE_KG);
    }

    public function angle(float $degrees): string
    {
        return $this->silent ? '' : Unit::Degree->print(abs($degrees));
    }

    public function seconds(float $seconds): string
    {
        return $this->silent ? '' : Unit::Second->print($seconds);
    }

    /** A length of lift: hand's breadths in inches or centimetres, from two feet on in the unit of depth. */
    public function lift(float $metres): string
    {
        return $metres < 0.6 ? $this->whole($metres) : $this->depth($metres);
    }

    /** A sentence with its °C in the angler's own unit: "10 to 13 °C" becomes "50 to 55 °F". */
    public function temperatures(string $sentence): string
    {
        return (string) preg_replace_callback('/(\d+(?:\.\d+)?)(?: to (\d+(?:\.\d+)?))? °C/u', $this->converted(...), $sentence);
    }

    /** A figure, or two, with a unit that sentences are written in; what somebody typed, and examples in two units, are left alone. */
    private const WRITTEN = '/"[^"]*"(*SKIP)(*F)|(?<! or )(?<![\w.\/])(\d+(?:\.\d+)?)(?: (to|and) (\d+(?:\.\d+)?))? '
        .'(m\/s|°C|cm|kg|g|m)(?![\w\/])(?: \(\d[^)]*\))?/u';

    /** A sentence with its measures in the angler's own units: "between 0.1 and 30 kg" becomes "between 0.22 and 66 lb". */
    public function translated(string $sentence): string
    {
        return (string) preg_replace_callback(self::WRITTEN, function (array $found): string {
            [$written, $own] = match ($found[4]) {
                'm/s' => [Unit::MetrePerSecond, $this->units->speed],
                '°C' => [Unit::Celsius, $this->units->temperature],
                'cm' => [Unit::Centimetre, $this->units->fishLength],
                'kg' => [Unit::Kilogram, $this->units->fishWeight],
                'g' => [Unit::Gram, $this->units->lureWeight],
                default => [Unit::Metre, $this->units->depth],
            };
            $in = static function (string $figure) use ($written, $own): string {
                $value = $own->fromSi($written->toSi((float) $figure));

                return (string) round($value, abs($value) >= 10.0 ? 0 : (abs($value) >= 1.0 ? 1 : 2));
            };
            $last = $in($found[3] === '' ? $found[1] : $found[3])."\u{A0}{$own->symbol()}";

            return $found[3] === '' ? $last : $in($found[1])." {$found[2]} {$last}";
        }, $sentence);
    }

    /** How fast something falls: the unit of depth, a second. */
    public function sinks(float $metresPerSecond): string
    {
        $unit = $this->units->depth;

        return round($unit->fromSi($metresPerSecond), 1)."\u{A0}{$unit->symbol()}/s";
    }

    /** @param  array<string>  $found  one or two temperatures in °C, after the whole */
    private function converted(array $found): string
    {
        $unit = $this->units->temperature;
        $last = $unit->print((float) ($found[2] ?? $found[1]));

        return isset($found[2]) ? Words::of(
            '{first} to {last}', first: $unit->printValue($unit->fromSi((float) $found[1])), last: $last,
        ) : $last;
    }

    private function whole(float $metres): string
    {
        $unit = $this->units->fishLength;

        return round($unit->fromSi($metres))."\u{00A0}".$unit->symbol();
    }
}
