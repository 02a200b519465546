<?php

declare(strict_types=1);

namespace App\Enums;

/** What a device can have done to an outing without a connection, each defined once. */
enum Deed: string
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
}
