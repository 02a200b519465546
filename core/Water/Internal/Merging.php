<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Internal;

/** Makes one of soundings that lie in the same place. */
final class Merging
{
    /**
     * Soundings so near to each other become one, their mean.
     *
     * @param  list<array{float, float, float}>  $soundings
     * @return array{list<float>, list<float>, list<float>}
     */
    public static function of(array $soundings, float $oneM): array
    {
        $cells = [];
        $kept = [];
        foreach ($soundings as [$east, $north, $depth]) {
            [$i, $j] = [(int) floor($east / $oneM), (int) floor($north / $oneM)];
            $with = null;
            for ($a = $i - 1; $a <= $i + 1 && $with === null; $a++) {
                for ($b = $j - 1; $b <= $j + 1 && $with === null; $b++) {
                    foreach ($cells["{$a} {$b}"] ?? [] as $one) {
                        if (hypot($kept[$one][4] - $east, $kept[$one][5] - $north) <= $oneM) {
                            $with = $one;
                            break;
                        }
                    }
                }
            }
            if ($with === null) {
                $cells["{$i} {$j}"][] = count($kept);
                $kept[] = [$east, $north, $depth, 1, $east, $north];
            } else {
                foreach ([$east, $north, $depth] as $n => $value) {
                    $kept[$with][$n] += $value;
                }
                $kept[$with][3]++;
            }
        }
        $mean = static fn (int $n): array => array_map(static fn (array $one): float => $one[$n] / $one[3], $kept);

        return [$mean(0), $mean(1), $mean(2)];
    }
}
