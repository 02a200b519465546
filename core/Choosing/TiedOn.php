<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Mass;

/** What is on the line now. Equal picks go by how little has to be changed. */
final readonly class TiedOn
{
    public function __construct(public Lure $lure, public ?string $hole, public ?Cadence $cadence)
    {
    }

    /**
     * What of a box is on a line; null when it is none of it.
     *
     * @param  list<Lure>  $box
     */
    public static function in(array $box, string $lureId, ?string $hole, ?Cadence $cadence): ?self
    {
        foreach ($box as $lure) {
            if ($lure->id === $lureId) {
                return new self($lure, $hole, $cadence);
            }
        }

        return null;
    }

    /**
     * What would have to be changed for a candidate to be on the line, each a word or two: "the finish", "the hole".
     *
     * @return list<string>
     */
    public function changes(Candidate $candidate): array
    {
        $lure = $candidate->lure;

        return [
            ...($lure->id === $this->lure->id ? [] : (array_values(array_filter([
                $lure->family === $this->lure->family ? null : 'the family',
                Mass::same($lure->massKg, $this->lure->massKg) ? null : 'the weight',
                $lure->look === $this->lure->look ? null : 'the finish',
            ])) ?: ['the lure'])),
            ...($candidate->hole()?->name === $this->hole ? [] : ['the hole']),
            ...($candidate->cadence === $this->cadence ? [] : ['the cadence']),
        ];
    }

    public function changesOfLure(Lure $lure): int
    {
        return $lure->id === $this->lure->id ? 0 : max(1,
            (int) ($lure->family !== $this->lure->family)
            + (int) ! Mass::same($lure->massKg, $this->lure->massKg)
            + (int) ($lure->look !== $this->lure->look),
        );
    }
}
