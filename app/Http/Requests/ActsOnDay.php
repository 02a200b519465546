<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Units\InvalidInput;

/** What was done on a device of the day itself, whatever outing is under way: validated by its request and done by it. */
interface ActsOnDay
{
    /**
     * Does it, once it was validated; the same twice changes nothing.
     *
     * @throws InvalidInput when it cannot be done
     */
    public function actOnDay(): void;
}
