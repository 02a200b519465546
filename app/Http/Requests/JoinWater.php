<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Water;
use Eskith\Core\Units\InvalidInput;

/** Two waters are one. */
final class JoinWater extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['into' => ['required', 'integer']];
    }

    /** @throws InvalidInput when there is none such */
    public function into(): Water
    {
        return $this->angler()->waters()->find($this->integer('into'))
            ?? throw InvalidInput::because('into', 'That water is gone. Choose another.');
    }
}
