<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Rod;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;

/** Another rod is in hand. */
final class TakeInHand extends AnglerRequest
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
            ?? throw InvalidInput::because('rod', 'That rod is not on board any more; choose another.');
    }

    public function at(): ?Carbon
    {
        return $this->date('at');
    }
}
