<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Tackle\Accent;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\Fraction;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;

/** Lures, and ways to fish them, as they are named in the boat. */
final readonly class LureNames
{
    /** By sixteenths of an ounce. */
    private const OUNCES = [
        2 => 'eighth-ounce', 4 => 'quarter-ounce', 6 => 'three-eighths-ounce', 8 => 'half-ounce', 10 => 'five-eighths-ounce',
        12 => 'three-quarter-ounce', 14 => 'seven-eighths-ounce', 16 => 'one-ounce',
    ];

    public function __construct(private UnitFormat $say)
    {
    }

    /** "half-ounce", "3 g". */
    public function weight(float $massKg): string
    {
        $fraction = $this->say->units->lureWeight === Unit::Ounce ? Fraction::near($massKg / Constants::OUNCE_KG) : null;

        return self::OUNCES[($fraction->whole ?? 0) * 16 + ($fraction->sixteenths ?? 0)] ?? $this->say->weight($massKg);
    }

    /** "blade", "vibe", "tail spinner". */
    public static function family(Lure $lure): string
    {
        return $lure->isVibe() ? 'vibe' : $lure->family->word();
    }

    /** "white half-ounce blade". */
    public function lure(Lure $lure): string
    {
        return Finish::word($lure->finish).' '.$this->weight($lure->massKg).' '.self::family($lure);
    }

    /** "white with a little gold". */
    public static function look(Lure $lure): string
    {
        $added = Accent::words($lure->accents);

        return Finish::word($lure->finish).($added === '' ? '' : " with {$added}");
    }

    /** "½ oz blade". */
    public function kind(Lure $lure): string
    {
        return $this->say->weight($lure->massKg).' '.self::family($lure);
    }

    /** "½ oz blade, white and gold": only what changes how it looks from afar. */
    public function title(Lure $lure): string
    {
        $gold = $lure->finish !== Finish::Gold->value && $lure->hasGold() ? ' and gold' : '';

        return $this->kind($lure).', '.Finish::word($lure->finish).$gold;
    }

    /** "middle hole · short pop, 8 in": the lift as the cadence is worked in the situation. */
    public function way(Candidate $candidate, Situation $situation): string
    {
        $parts = $candidate->hole() === null ? [] : [Words::of('{hole} hole', hole: $candidate->hole()->name)];
        if ($candidate->cadence !== null) {
            $lift = $situation->steps($candidate->cadence, $candidate->lure)->liftM;
            $parts[] = $candidate->cadence->word().($lift > 0 ? ', '.$this->say->lift($lift) : '');
        }

        return implode(' · ', $parts);
    }

    /** The change a ladder proposes, "change the finish to gold". */
    public function change(Change $change): string
    {
        $to = $change->to->candidate;

        return match ($change->thing) {
            'finish' => Words::of('change the finish to {look}', look: self::look($to->lure)),
            'weight' => Words::of('change the weight to {mass}', mass: $this->say->weight($to->lure->massKg)),
            'cadence' => Words::of('change the cadence to {cadence}', cadence: $to->cadence?->word() ?? ''),
            'hole' => Words::of('move to the {hole} hole', hole: $to->hole()?->name),
            default => Words::of('try the {family} instead', family: self::family($to->lure)),
        };
    }
}
