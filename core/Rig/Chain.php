<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

use Eskith\Core\Units\InvalidInput;

/** Everything a fish pulls at, one part behind the other: it holds as much as its weakest part. */
final readonly class Chain
{
    /** Share of what the chain holds at which the drag should give. Estimate. */
    private const DRAG_SHARE = 0.25;

    /** @param  float  $holdsN  N */
    private function __construct(public Part $weakest, public float $holdsN)
    {
    }

    /**
     * @param  list<Part>  $parts  from reel to hook; of equally weak ones the first counts
     *
     * @throws InvalidInput when there are none
     */
    public static function of(array $parts): self
    {
        $weakest = null;
        foreach ($parts as $part) {
            if ($weakest === null || $part->holdsN() < $weakest->holdsN()) {
                $weakest = $part;
            }
        }
        if ($weakest === null) {
            throw InvalidInput::because('parts', 'Name at least one part of the rig.');
        }

        return new self($weakest, $weakest->holdsN());
    }

    /** Where to set the drag, N. */
    public function dragN(): float
    {
        return self::DRAG_SHARE * $this->holdsN;
    }
}
