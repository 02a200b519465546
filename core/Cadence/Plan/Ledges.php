<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Drop\Fall;
use Eskith\Core\Units\InvalidInput;

/** A wall fished down ledge by ledge: count to each, lift a little, stay close. */
final readonly class Ledges
{
    private const MOST = 20;

    /** @param  list<array{float, float}>  $ledges  depth in m and s from the surface */
    private function __construct(public array $ledges)
    {
    }

    /**
     * @param  list<float>  $depthsM
     *
     * @throws InvalidInput for none, too many, or one that is not below the surface and above the bottom
     */
    public static function of(array $depthsM, Fall $fall, float $bottomM): self
    {
        if ($depthsM === [] || count($depthsM) > self::MOST) {
            throw InvalidInput::because(
                'depths', 'Name one to {most} ledges by their depths, such as 10 ft, 16 ft, 24 ft.', most: self::MOST,
            );
        }
        sort($depthsM);
        foreach ($depthsM as $depth) {
            if (! ($depth > 0.0 && $depth <= $bottomM + 0.05)) {
                throw InvalidInput::because('depths', 'A ledge lies below the surface and not below the bottom that was read.');
            }
        }

        return new self(array_map(static fn (float $depth): array => [$depth, $fall->secondsTo(min($depth, $bottomM))], $depthsM));
    }
}
