<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\OwnPassword;

/** Ends the visits of all other devices. */
final class SignOutOthers extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['others' => [new OwnPassword($this->angler())]];
    }

    public function password(): string
    {
        return $this->word('others');
    }
}
