<?php

declare(strict_types=1);

namespace Eskith\Telling\Doing;

use Eskith\Telling\Kit;

/**
 * What a device can have done without a connection, each defined once: its name, its words, and what it makes of what is known.
 * The request that does it on the server is called after it.
 */
enum OfflineAction: string
{
    case Read = 'read';
    case Measure = 'measure';
    case OwnCadence = 'own_cadence';
    case Begin = 'begin';
    case Log = 'log';
    case Undo = 'undo';
    case PutBack = 'put_back';
    case Amend = 'amend';
    case TieOn = 'tie_on';
    case TakeInHand = 'take_in_hand';
    case Pause = 'pause';
    case GoOn = 'go_on';
    case Tick = 'tick';
    case End = 'end';
    case Retie = 'retie';
    case Mark = 'mark';
    case Move = 'move';
    case Track = 'track';
    case Picture = 'picture';

    /** What it is called, away from its outing. */
    public function word(): string
    {
        return match ($this) {
            self::Read => 'A reading',
            self::Measure => 'A measurement',
            self::OwnCadence => 'Your own lift',
            self::Begin => 'Beginning an outing',
            self::Log => 'An entry',
            self::Undo => 'Taking an entry back',
            self::PutBack => 'Putting an entry back',
            self::Amend => 'Mending an entry',
            self::TieOn => 'Tying on',
            self::TakeInHand => 'Taking a rod in hand',
            self::Pause => 'A pause',
            self::GoOn => 'Going on',
            self::Tick => 'Ticking off',
            self::End => 'Ending the outing',
            self::Retie => 'A retied leader',
            self::Mark => 'A mark',
            self::Move => 'A move',
            self::Track => 'Where the boat went',
            self::Picture => 'A picture',
        };
    }

    /** What is known once it was done, until the server has it. */
    public function after(Kit $kit, Action $done): Kit
    {
        return match ($this) {
            self::Read => TheDay::read($kit, $done),
            self::Measure => TheDay::measured($kit, $done),
            self::OwnCadence => TheDay::worked($kit, $done),
            self::Begin => TheDay::begun($kit, $done),
            self::Move => TheDay::moved($kit, $done),
            self::End => TheDay::ended($kit, $done),
            self::TieOn => OnTheRods::tiedOn($kit, $done),
            self::TakeInHand => OnTheRods::takenInHand($kit, $done),
            self::Pause => OnTheRods::paused($kit, $done),
            self::GoOn => OnTheRods::wentOn($kit, $done),
            self::Retie => OnTheRods::retied($kit, $done),
            self::Log => OfTheLog::logged($kit, $done),
            self::Undo => OfTheLog::takenBack($kit, $done),
            self::PutBack => OfTheLog::putBack($kit, $done),
            self::Amend => OfTheLog::amended($kit, $done),
            // No answer rests on them.
            self::Tick, self::Mark, self::Track, self::Picture => $kit,
        };
    }
}
