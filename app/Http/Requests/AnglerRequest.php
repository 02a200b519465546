<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** A request of the angler signed in; its rules say what it may carry. */
abstract class AnglerRequest extends FormRequest
{
    public function angler(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(401);
    }

    /** A field as text, '' where it is absent. */
    protected function word(string $name): string
    {
        return (string) $this->string($name);
    }

    public function uuid(): string
    {
        return $this->word('uuid');
    }
}
