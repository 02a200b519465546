<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Water;
use App\Rows\Placing;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;

/** Where a phone says it is, and how sure it is of that. */
final readonly class PhoneFix
{
    private function __construct(public float $latitude, public float $longitude, public float $accuracyM)
    {
    }

    /**
     * As a phone told it: degrees, and m within which it lies.
     *
     * @return self|null null where it told nothing
     *
     * @throws InvalidInput when it is nowhere
     */
    public static function read(mixed $latitude, mixed $longitude, mixed $accuracy): ?self
    {
        if ($latitude === null && $longitude === null && $accuracy === null) {
            return null;
        }
        $numbers = array_map(
            static fn (mixed $one): float => is_numeric($one) ? (float) $one : NAN, [$latitude, $longitude, $accuracy],
        );
        [$north, $east, $within] = $numbers;
        if (! (abs($north) <= 90.0) || ! (abs($east) <= 180.0) || ! ($within >= 0.0 && $within <= 1e6)) {
            throw InvalidInput::because('position', 'This phone told a position that is nowhere; it is left out.');
        }

        return new self($north, $east, $within);
    }

    public function isSure(): bool
    {
        return $this->accuracyM <= Position::SURE_M;
    }

    /** On a water; null on one that is only sketched, or where the phone is elsewhere. */
    public function on(Water $water): ?Position
    {
        $frame = Placing::frame($water);

        return $frame?->reaches($this->latitude, $this->longitude) === true ? $frame->position($this->latitude, $this->longitude) : null;
    }
}
