<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Custom;

use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Mass;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;

/** Which lures of a box are meant: by family, finish and weight. */
final readonly class LureFilter
{
    /** Families, and the vibe, which is a small blade. */
    public const FAMILIES = ['blade', 'vibe', 'spoon', 'bladed_spoon', 'tail_spinner'];

    /**
     * @param  list<string>  $families  of FAMILIES; empty for any
     * @param  list<string>  $finishes  empty for any
     */
    private function __construct(public array $families, public array $finishes, public ?float $fromKg, public ?float $toKg)
    {
    }

    /**
     * @param  list<string>  $families  a blade counts as a blade also when it is a vibe
     * @param  list<string>  $finishes
     *
     * @throws InvalidInput when it means every lure, a family there is not, or weights the wrong way round
     */
    public static function of(array $families, array $finishes, ?float $fromKg = null, ?float $toKg = null): self
    {
        if ($families === [] && $finishes === [] && $fromKg === null && $toKg === null) {
            throw InvalidInput::because('lures', 'Say which lures get the points: points for all of them would change nothing.');
        }
        if (array_diff($families, self::FAMILIES) !== []) {
            throw InvalidInput::because(
                'families', 'A family is one of {families}.', families: str_replace('_', ' ', implode(', ', self::FAMILIES)),
            );
        }
        if ($fromKg !== null && $toKg !== null && $fromKg > $toKg) {
            throw InvalidInput::because('weight', 'The weight runs from the lighter to the heavier; these are the wrong way round.');
        }

        return new self($families, $finishes, $fromKg, $toKg);
    }

    public function has(Lure $lure): bool
    {
        return (
            $this->families === []
                || in_array($lure->family->value, $this->families, true)
                || ($lure->isVibe() && in_array('vibe', $this->families, true))
        )
            && ($this->finishes === [] || in_array($lure->finish, $this->finishes, true))
            && ($this->fromKg === null || Mass::atLeast($lure->massKg, $this->fromKg))
            && ($this->toKg === null || $lure->atMost($this->toKg));
    }

    /** "gold or silver blade or vibe, ½ oz or more". */
    public function words(UnitFormat $say): string
    {
        $families = array_map(
            static fn (string $family): string => $family === 'vibe' ? 'vibe' : Family::from($family)->word(), $this->families,
        );
        $weight = match (true) {
            $this->fromKg !== null && $this->toKg !== null => Words::of(
                '{from} to {to}', from: $say->weight($this->fromKg), to: $say->weight($this->toKg),
            ),
            $this->fromKg !== null => Words::of('{from} or more', from: $say->weight($this->fromKg)),
            $this->toKg !== null => Words::of('{to} or less', to: $say->weight($this->toKg)),
            default => '',
        };
        $named = trim(
            implode(' or ', array_map(Finish::word(...), $this->finishes)).' '.($families === [] ? 'lure' : implode(' or ', $families)),
        );

        return $named.($weight === '' ? '' : ", {$weight}");
    }
}
