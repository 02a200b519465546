<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Units\InvalidInput;

/** The numbers of every cadence: as first tried, or the angler's own. */
final readonly class CadenceBook
{
    /** m, from a hop that is just felt to rod, arm and reel together. */
    public const LIFT_M = [0.01, 12.0];

    /** s */
    public const LIFT_S = [0.1, 60.0];

    /** s */
    public const PAUSE_S = [0.0, 300.0];

    /** @param  array<string, Steps>  $own  by name of the cadence */
    public function __construct(private array $own = [])
    {
    }

    /**
     * With the angler's own numbers for one.
     *
     * @throws InvalidInput when the cadence has none, or one is out of range; the fields are lift, seconds and pause
     */
    public function with(Cadence $cadence, float $liftM, float $liftSeconds, float $pauseSeconds): self
    {
        if (! $cadence->hasNumbers()) {
            throw InvalidInput::because(
                'cadence', '{cadence} is reeled without a stop, so there are no numbers to it.', cadence: ucfirst($cadence->word()),
            );
        }
        foreach ([
            ['lift', $liftM, self::LIFT_M, 'The lift must lie between 1 cm and 12 m.'],
            ['seconds', $liftSeconds, self::LIFT_S, 'A lift takes between 0.1 and 60 seconds.'],
            ['pause', $pauseSeconds, self::PAUSE_S, 'A pause lasts at most 300 seconds.'],
        ] as [$field, $value, [$low, $high], $sentence]) {
            if (! ($value >= $low - 1e-9 && $value <= $high + 1e-9)) {
                throw InvalidInput::because($field, $sentence);
            }
        }

        return new self([...$this->own, $cadence->value => new Steps($liftM, $liftSeconds, $cadence->steps()->fall, $pauseSeconds)]);
    }

    public function of(Cadence $cadence): Steps
    {
        return $this->own[$cadence->value] ?? $cadence->steps();
    }

    public function isOwn(Cadence $cadence): bool
    {
        return isset($this->own[$cadence->value]);
    }
}
