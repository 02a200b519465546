<?php

declare(strict_types=1);

namespace Eskith\Telling\Rig;

use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Line;
use Eskith\Core\Rig\Material;
use Eskith\Core\Rig\Part as RigPart;
use Eskith\Core\Rig\Rig;
use Eskith\Core\Units\Constants;
use Eskith\Telling\Kept\KeptLine;
use Eskith\Telling\Kept\KeptRod;
use Eskith\Telling\Kept\LineInUse;

/** A rod and the line on its reel, read into a rig; what was not entered, or cannot be, is as usual, and said so. */
final readonly class RodRead
{
    /** m, shortest and longest */
    public const ROD_M = [0.4, 5.0];

    /** m, shortest and longest */
    public const LEADER_M = [0.1, 10.0];

    /** kg, least and most */
    public const LIFTS_KG = [0.1, 30.0];

    private const USUAL_ROD_M = 2.1;

    private const USUAL_LEADER_M = 1.5;

    /** N in a pound of force */
    public const POUND_N = 16 * Constants::OUNCE_KG * Constants::GRAVITY;

    private const USUAL_LEADER_N = 8 * self::POUND_N;

    private const USUAL_LINE_N = 20 * self::POUND_N;

    /** @param  list<string>  $assumed  what is taken as usual, in words */
    private function __construct(public Rig $rig, public array $assumed)
    {
    }

    public static function of(?KeptRod $rod, ?KeptLine $line): self
    {
        $assumed = [];
        $material = $line === null ? null : Material::tryFrom($line->kind);
        if ($line !== null && $material !== null && self::breaks($line->breakN) && LineInUse::isDiameter($line->diameterM)) {
            $main = Line::of($material, $line->breakN, $line->diameterM);
        } else {
            $main = Line::of(Material::Braid, self::USUAL_LINE_N);
            $assumed[] = '20 lb braid';
        }
        if ($rod === null) {
            return new self(
                new Rig(
                    $main, Line::of(Material::Fluorocarbon, self::USUAL_LEADER_N), self::USUAL_LEADER_M, Connector::Snap,
                    self::USUAL_ROD_M,
                ),
                [...$assumed, '5 ft of 8 lb fluorocarbon leader', 'a small snap', 'a 7 ft rod'],
            );
        }
        [$leader, $leaderM] = self::leader($rod);
        if ($rod->leader !== null && $leader === null) {
            $assumed[] = 'no leader';
        }
        $isRod = self::within($rod->lengthM, self::ROD_M);
        $isLift = self::within($rod->liftsKg, self::LIFTS_KG);

        return new self(
            new Rig(
                line: $main,
                leader: $leader,
                leaderM: $leaderM,
                connector: $rod->connector ?? Connector::Snap,
                rodM: $isRod ? $rod->lengthM : self::USUAL_ROD_M,
                liftsKg: $isLift ? $rod->liftsKg : Rig::LIFTS_KG,
            ),
            [
                ...$assumed,
                ...($rod->connector === null ? ['a small snap'] : []),
                ...($isRod ? [] : ['a 7 ft rod']),
                ...($isLift ? [] : ['a rod that lifts 1 kg']),
            ],
        );
    }

    public static function breaks(?float $newtons): bool
    {
        return $newtons !== null && $newtons > 0.0 && $newtons <= RigPart::STRONGEST_N;
    }

    /** @param  array{float, float}  $range */
    public static function within(float $value, array $range): bool
    {
        return $value >= $range[0] && $value <= $range[1];
    }

    /** @return array{Line|null, float} */
    private static function leader(KeptRod $rod): array
    {
        $sound = $rod->leader !== null && $rod->leaderN !== null && self::breaks($rod->leaderN)
            && $rod->leaderM !== null && self::within($rod->leaderM, self::LEADER_M);

        return $sound ? [Line::of($rod->leader, $rod->leaderN), $rod->leaderM] : [null, 0.0];
    }
}
