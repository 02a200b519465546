<?php

declare(strict_types=1);

namespace Eskith\Telling\Work;

use Eskith\Core\Cadence\LiftTrace;
use Eskith\Core\Cadence\LiftWords;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Data\Work\LiftsData;

/** Lifts that were made, beside the lift of the cadence. */
final class LiftsPresenter
{
    /**
     * @param  non-empty-list<LiftTrace>  $lifts  the last one last
     *
     * @throws InvalidInput when the cadence has no lift
     */
    public static function of(SingleDrop $drop, array $lifts): LiftsData
    {
        $cadence = $drop->candidate()->cadence ?? throw InvalidInput::because('pick', 'Choose how it is worked first.');
        $wanted = $drop->situation->steps($cadence, $drop->lure);
        if ($wanted->liftM <= 0.0 || $wanted->liftSeconds <= 0.0) {
            throw InvalidInput::because('pick', '{cadence} has no lift to practise.', cadence: ucfirst($cadence->word()));
        }
        $say = $drop->situation->say;
        $last = $lifts[count($lifts) - 1];

        return new LiftsData(
            said: LiftWords::of($last),
            together: LiftWords::together($lifts),
            against: LiftWords::against($last, $wanted),
            wanted: Words::of('{lift} in {seconds}', lift: $say->lift($wanted->liftM), seconds: $say->seconds($wanted->liftSeconds)),
            made: Words::of('{rise} in {duration}', rise: $say->lift($last->riseM), duration: $say->seconds($last->durationS)),
            riseM: $last->riseM,
            durationS: $last->durationS,
            speeds: $last->speeds,
            wantedMs: $wanted->liftM / $wanted->liftSeconds,
        );
    }
}
