<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Models\Rod;
use App\Tackle\RodKeeper;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;

/** Another rod is in hand. */
final class TakeInHandTap extends AnglerRequest implements ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['rod' => ['required', 'uuid'], 'at' => self::moment()];
    }

    /** @throws InvalidInput when it is not on board */
    public function rod(): Rod
    {
        return $this->angler()->rods()->onBoard()->where('uuid', $this->word('rod'))->first()
            ?? throw InvalidInput::because('rod', 'That rod is off the boat. Choose another.');
    }

    public function at(): ?Carbon
    {
        return $this->date('at');
    }

    public function act(Outing $outing): void
    {
        RodKeeper::of($this->angler())->takeInHand($this->rod(), $this->at());
    }
}
