<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\Request;

abstract class Controller
{
    use AuthorizesRequests;

    /**
     * A text from the address.
     *
     * @throws InvalidInput when there is none
     */
    protected function text(Request $request, string $name, ?string $default = null): string
    {
        $text = $request->query($name) ?? $default;

        return is_string($text) ? $text : throw InvalidInput::because($name, "This question needs \"{$name}\" in its address.");
    }

    /** The angler signed in; routes behind `auth` always have one. */
    protected function angler(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(401);
    }
}
