<?php

declare(strict_types=1);

namespace App\Presenters\Water;

use App\Models\User;
use Eskith\Core\Balance\BalanceFit;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;

/** What a measurement that was just kept changes. */
final readonly class MeasuredWords
{
    private UnitFormat $say;

    public function __construct(User $user)
    {
        $this->say = new UnitFormat($user->settings()->units);
    }

    public function drop(): string
    {
        return 'Kept. Seconds to the bottom now rest on your timed drop.';
    }

    public function hang(BalanceFit|InvalidInput $fit): string
    {
        return $fit instanceof InvalidInput
            ? "Kept. {$fit->getMessage()}"
            : sprintf(
                'Kept. The balance point is %.1f mm from the nose and %.1f mm up; the readings miss it by %.2f mm.',
                $fit->balance->x, $fit->balance->y, $fit->rmsMm,
            );
    }

    /** @param  float  $factor  the measured start over the reckoned one */
    public function start(float $factor): string
    {
        return sprintf('Kept: %.1f times what was reckoned. Starts with this lure now rest on it.', $factor);
    }

    /** @param  array{float, bool}  $drift  m/s, and whether later winds are reckoned by it */
    public function drift(array $drift): string
    {
        [$speed, $reckoned] = $drift;

        return $reckoned
            ? "Kept: {$this->say->speed($speed)} of drift. From now on the wind is reckoned by it."
            : "Kept as today's drift: {$this->say->speed($speed)}. Read the wind too, and later drifts can be told from it.";
    }
}
