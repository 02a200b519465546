<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What a device can have done to an outing without a connection, each defined once: its name, its words, who takes it. */
enum OfflineAction: string
{
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

    /** What it is called, away from its outing. */
    public function word(): string
    {
        return match ($this) {
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
            self::Retie => 'Tying the leader anew',
            self::Mark => 'A mark',
            self::Move => 'A move',
        };
    }

    /** @return class-string<AnglerRequest&ActsOnOuting> */
    public function request(): string
    {
        return match ($this) {
            self::Log => LogEvent::class,
            self::Undo => UndoTap::class,
            self::PutBack => PutBackTap::class,
            self::Amend => AmendTap::class,
            self::TieOn => TieOn::class,
            self::TakeInHand => TakeInHand::class,
            self::Pause => PauseFishing::class,
            self::GoOn => GoOnFishing::class,
            self::Tick => TickTap::class,
            self::End => EndTap::class,
            self::Retie => RetieLeader::class,
            self::Mark => MarkTap::class,
            self::Move => MoveTap::class,
        };
    }
}
