<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;

/** Short casts ahead while moving up, step by step. Metres; the way goes north on the plan. */
final readonly class ForwardCasts
{
    private const FAR_M = 5_000.0;

    private const EACH = 20;

    /** Degrees that the casts of one stand are spread over. */
    private const SPREAD_DEG = 60.0;

    /** @param  list<Cast>  $casts */
    private function __construct(public array $casts, public int $stands)
    {
    }

    /**
     * @param  int  $each  casts from each stand, fanned ahead
     *
     * @throws InvalidInput for a way or a step that cannot be
     */
    public static function of(float $wayM, float $stepM, float $castM, int $each): self
    {
        Limits::demand($wayM, self::FAR_M, 'way_m', 'The way is over 0 and up to 5 km.');
        Limits::demand($stepM, self::FAR_M, 'step_m', 'A step is more than 0.');
        Limits::demand($castM, 200.0, 'cast_m', 'A cast goes over 0 and up to 200 m out.');
        if ($each < 1 || $each > self::EACH) {
            throw InvalidInput::because('each', 'From each stand go 1 to {each} casts.', each: self::EACH);
        }
        $stands = Limits::parts($wayM, $stepM, 'step_m') + 1;
        Limits::parts((float) $stands * $each, 1.0, 'step_m');
        $casts = [];
        for ($i = 0; $i < $stands; $i++) {
            $stand = new Position(0.0, min($wayM, $i * $wayM / ($stands - 1)));
            for ($n = 0; $n < $each; $n++) {
                $bearing = deg2rad($each === 1 ? 0.0 : -self::SPREAD_DEG / 2 + self::SPREAD_DEG * $n / ($each - 1));
                $aim = $stand->plus($castM * sin($bearing), $castM * cos($bearing));
                $casts[] = new Cast($stand, $aim, $aim);
            }
        }

        return new self($casts, $stands);
    }
}
