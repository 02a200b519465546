<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Position;
use Eskith\Telling\Asked;

/**
 * Where a phone was, as it is asked about: `fixes`, each a list of s, degrees north, degrees east, and m within which it lies; in
 * order.
 */
final readonly class FixRows
{
    /** Fixes that are looked at: one a second over the time that counts, and some to spare. */
    private const MOST = 400;

    /**
     * @param  list<array{float, Position}>  $way  s, and metres round the frame's origin; what was not sure is left out
     * @param  Frame|null  $frame  null where none was sure
     */
    private function __construct(public array $way, public ?Frame $frame)
    {
    }

    /** @throws InvalidInput when one of them is none */
    public static function of(Asked $asked): self
    {
        $frame = null;
        $read = [];
        $each = 'A fix is seconds, two degrees, and how sure it is in metres.';
        foreach ($asked->rows('fixes', 4, self::MOST, $each) as [$at, $latitude, $longitude, $within]) {
            if ($within > Position::SURE_M) {
                continue;
            }
            $frame ??= Frame::of($latitude, $longitude);
            if (! $frame->reaches($latitude, $longitude)) {
                throw InvalidInput::because('fixes', 'These fixes are not of one water.');
            }
            $read[] = [$at, $frame->position($latitude, $longitude)];
        }

        return new self($read, $frame);
    }
}
