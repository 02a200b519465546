<?php

declare(strict_types=1);

namespace App\Models\Casts;

use BackedEnum;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * One of an enum's cases, and null for what is none of them: a page never fails because of what was stored.
 *
 * @implements CastsAttributes<BackedEnum|null, BackedEnum|string|null>
 */
final readonly class Known implements CastsAttributes
{
    /** @param  class-string<BackedEnum>  $enum */
    public function __construct(private string $enum)
    {
    }

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?BackedEnum
    {
        return is_string($value) ? $this->enum::tryFrom($value) : null;
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): mixed
    {
        return $value instanceof BackedEnum ? $value->value : $value;
    }
}
