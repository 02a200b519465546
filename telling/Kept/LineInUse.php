<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** The main line on the reel. */
final readonly class LineInUse
{
    /** Of what its lists are made. */
    public const LISTS = ['aside' => UnusableRow::class];

    /** m: taken while the angler has entered none. */
    private const USUAL_M = 0.00022;

    /** m: thinnest and thickest line that is reckoned with. */
    private const RANGE_M = [0.00002, 0.003];

    /** @param  list<UnusableRow>  $aside  the line, when its diameter cannot be one */
    public function __construct(public float $diameterM, public array $aside = [])
    {
    }

    /** As it is kept: the columns of a line, null where there is none. */
    public static function read(mixed $id, mixed $name, mixed $diameterM): self
    {
        $diameter = Coerce::number($diameterM);

        return match (true) {
            $id === null => new self(self::USUAL_M),
            self::isDiameter($diameter) => new self($diameter),
            default => new self(self::USUAL_M, [UnusableRow::line(Coerce::whole($id), Coerce::text($name))]),
        };
    }

    public static function isDiameter(float $metres): bool
    {
        return $metres >= self::RANGE_M[0] && $metres <= self::RANGE_M[1];
    }
}
