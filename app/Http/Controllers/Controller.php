<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Asked;
use Eskith\Telling\Tell;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

abstract class Controller
{
    /**
     * A text from the address.
     *
     * @throws InvalidInput when there is none
     */
    protected function text(Request $request, string $name, ?string $default = null): string
    {
        return (new Asked($request->query()))->text($name, $default);
    }

    /** A text from the address; null where there is none, or something else. */
    protected function textOrNull(Request $request, string $name): ?string
    {
        return (new Asked($request->query()))->textOrNull($name);
    }

    /**
     * As a device tells it too.
     *
     * @param  object|array<string, mixed>  $answer
     */
    protected static function answered(object|array $answer): JsonResponse
    {
        return JsonResponse::fromJsonString(Tell::json($answer));
    }

    /** The angler signed in; routes behind `auth` always have one. */
    protected function angler(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(401);
    }
}
