<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\OwnPassword;
use Eskith\Core\Units\InvalidInput;

final class CloseAccount extends AnglerRequest
{
    public function authorize(): true
    {
        return $this->angler()->isDemo()
            ? throw InvalidInput::because('goodbye', 'The demo is shared. Make your own account to try this.')
            : true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['goodbye' => [new OwnPassword($this->angler())]];
    }
}
