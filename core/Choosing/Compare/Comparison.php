<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Compare;

use Eskith\Core\Choosing\Pick;

/** Two picks point by point: what sets them apart, the weightiest first, and what counts alike for both. */
final readonly class Comparison
{
    /**
     * @param  list<Contrast>  $contrasts
     * @param  float  $alike  points that both have from the same rules
     */
    private function __construct(public array $contrasts, public float $alike, public float $lead)
    {
    }

    public static function of(Pick $first, Pick $second): self
    {
        $firsts = array_column($first->reasons(), null, 'rule');
        $seconds = array_column($second->reasons(), null, 'rule');
        $contrasts = [];
        $alike = 0.0;
        foreach (array_keys($firsts + $seconds) as $rule) {
            $contrast = new Contrast($rule, $firsts[$rule] ?? null, $seconds[$rule] ?? null);
            if ($contrast->lead() === 0.0) {
                $alike += $firsts[$rule]->points ?? 0.0;
            } else {
                $contrasts[] = $contrast;
            }
        }
        usort($contrasts, static fn (Contrast $a, Contrast $b): int => abs($b->lead()) <=> abs($a->lead()));

        return new self($contrasts, $alike, $first->points - $second->points);
    }
}
