<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

use Eskith\Core\Drop\Fall;
use Eskith\Core\Units\InvalidInput;

/** Where the lure was when it was touched, told from the drop before. */
final readonly class BitePlace
{
    /** s from the touch to the tap. Estimate. */
    public const REACTION_S = 1.5;

    /** @param  bool  $falling  still on its first fall; else on the bottom, or within the lift above it */
    private function __construct(public bool $falling, public float $depthM)
    {
    }

    /** @param  float  $secondsSinceDrop  at the tap */
    public static function tapped(Fall $fall, float $secondsSinceDrop): self
    {
        $seconds = max(0.0, $secondsSinceDrop - self::REACTION_S);

        return new self($seconds < $fall->seconds, $fall->depthAfter($seconds));
    }

    /**
     * "Hit at count 7": counted from the surface, without a reaction.
     *
     * @throws InvalidInput for a count that the lure never falls through
     */
    public static function counted(Fall $fall, float $count): self
    {
        if (! ($count > 0.0 && $count <= $fall->seconds + self::REACTION_S)) {
            throw InvalidInput::because(
                'count', 'It hits bottom at {seconds}. Give a count before that.', seconds: round($fall->seconds),
            );
        }

        return new self($count < $fall->seconds, $fall->depthAfter($count));
    }
}
