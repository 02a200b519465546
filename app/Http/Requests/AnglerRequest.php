<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

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

    /** @return list<mixed> the rules of a moment on the water, as a device tells it */
    protected static function moment(): array
    {
        return ['bail', 'nullable', 'string', 'max:40', 'date', 'before:+1 hour', 'after:1990-01-01'];
    }

    /** When a device says that it was tapped, whatever time it tells of; null where it does not say. */
    public function tapped(): ?Carbon
    {
        $told = $this->input('tapped');
        $seconds = is_string($told) ? strtotime($told) : false;

        return $seconds === false ? null : Carbon::createFromTimestampUTC($seconds);
    }

    public function uuid(): string
    {
        return $this->word('uuid');
    }
}
