<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;

/** A lure proposed from a few typed words: "1/2 oz blade, gold, 3 holes, x2". */
final readonly class QuickEntry
{
    private const COUNTS = ['no' => 0, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4];

    private function __construct(
        public Family $family,
        public Measure $weight,
        public string $finish,
        public int $holes,
        public bool $redNearHooks,
        public int $quantity,
    ) {
    }

    /**
     * @param  Unit  $assumed  unit of a bare number
     *
     * @throws InvalidInput when family or weight cannot be told
     */
    public static function read(string $text, Unit $assumed): self
    {
        $left = ' '.trim(mb_strtolower((string) preg_replace('/[\s,;]+/u', ' ', mb_substr($text, 0, 120)))).' ';
        $quantity = self::take($left, '/\s(?:x\s?(\d{1,2})|(\d{1,2})\s?x)(?=\s)/u') ?? '1';
        $holes = self::take($left, '/\s(\d|no|one|two|three|four)\sholes?(?=\s)/u');
        $red = self::take($left, '/\s(red (?:near|at|by) (?:the )?hooks?|red hooks?)(?=\s)/u') !== null;
        $family = null;
        foreach (self::families() as $word => $one) {
            if (self::take($left, '/\s('.$word.')s?(?=\s)/u') !== null) {
                $family = $one;
                break;
            }
        }
        $weight = self::take(
            $left,
            '/\s((?:\d+\s)?\d+\s?\/\s?\d+\s?(?:oz|ounces?|g)?|[½¼¾⅛⅜⅝⅞]\s?(?:oz|ounces?)?'
                .'|\d+(?:[.,]\d+)?\s?(?:oz|ounces?|g|grams?)?)(?=\s)/u',
        );
        if ($family === null) {
            $names = explode(', ', implode(', ', array_map(static fn (Family $one): string => $one->named(), Family::cases())));
            throw InvalidInput::because(
                'text', '"{text}" does not say which lure it is. Write {names}.', text: $text, names: Words::list($names, 'or'),
            );
        }
        if ($weight === null) {
            throw InvalidInput::because(
                'text', '"{text}" has no weight. Write one such as 1/2 oz or 14 g.', text: $text,
            );
        }
        $count = $holes === null ? $family->definition()->holes : (self::COUNTS[$holes] ?? (int) $holes);
        if ($count > 4) {
            throw InvalidInput::because('text', 'A lure has 0 to 4 line holes.');
        }
        $finish = trim(
            (string) preg_replace('/\s+/', ' ', str_replace(['black and white', 'perch pattern'], ['black_white', 'perch'], trim($left))),
        );

        return new self(
            family: $family,
            weight: Measure::parse($weight, $assumed, 'text'),
            finish: $finish === '' ? Finish::Silver->value : $finish,
            holes: $count,
            redNearHooks: $red,
            quantity: max(1, (int) $quantity),
        );
    }

    /** @return array<string, Family> by every word that is typed for one, the longest first: a bladed spoon is no blade */
    private static function families(): array
    {
        $families = [];
        foreach (Family::cases() as $family) {
            $families += array_fill_keys($family->definition()->typed(), $family);
        }
        uksort($families, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return $families;
    }

    /** Takes the first match out of the text and gives its first group that matched. */
    private static function take(string &$text, string $pattern): ?string
    {
        if (preg_match($pattern, $text, $found) !== 1) {
            return null;
        }
        $text = (string) preg_replace($pattern, ' ', $text, 1);
        $groups = array_values(array_filter(array_slice($found, 1), static fn (string $group): bool => $group !== ''));

        return trim($groups[0] ?? '');
    }
}
