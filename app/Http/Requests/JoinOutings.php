<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use Eskith\Core\Units\InvalidInput;

/** Two outings were one. */
final class JoinOutings extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['into' => ['required', 'uuid']];
    }

    /** @throws InvalidInput when there is none such */
    public function into(): Outing
    {
        return $this->angler()->outings()->where('uuid', $this->word('into'))->first()
            ?? throw InvalidInput::because('into', 'That outing is gone. Choose another.');
    }
}
