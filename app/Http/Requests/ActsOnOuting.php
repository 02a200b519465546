<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use Eskith\Core\Units\InvalidInput;

/** What was done to an outing on a device, validated by its request and done by it. */
interface ActsOnOuting
{
    /**
     * Does it, once it was validated; the same twice changes nothing.
     *
     * @throws InvalidInput when it cannot be done
     */
    public function act(Outing $outing): void;
}
