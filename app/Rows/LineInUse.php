<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\User;

/** The main line on the reel. */
final readonly class LineInUse
{
    /** m: taken while the angler has entered none. */
    private const USUAL_M = 0.00022;

    /** m: thinnest and thickest line that is reckoned with. */
    private const RANGE_M = [0.00002, 0.003];

    /** @param  list<UnusableRow>  $aside  the line, when its diameter cannot be one */
    private function __construct(public float $diameterM, public array $aside = [])
    {
    }

    public static function of(User $user): self
    {
        // Read without a model: every answer asks for it.
        $line = $user->lines()->onTheReel()->toBase()->first(['id', 'name', 'diameter_m']);
        if ($line === null) {
            return new self(self::USUAL_M);
        }
        $diameter = Coerce::number($line->diameter_m);

        return self::isDiameter($diameter)
            ? new self($diameter)
            : new self(self::USUAL_M, [UnusableRow::line(Coerce::whole($line->id), Coerce::text($line->name))]);
    }

    public static function isDiameter(float $metres): bool
    {
        return $metres >= self::RANGE_M[0] && $metres <= self::RANGE_M[1];
    }

    public static function diameterM(User $user): float
    {
        return self::of($user)->diameterM;
    }
}
