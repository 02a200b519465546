<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Carbon\Exceptions\InvalidFormatException;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A moment. What cannot be read as one is none, and the beginning of 1970 where there is always one: a page never fails
 * because of what was stored.
 *
 * @implements CastsAttributes<Carbon|null, \DateTimeInterface|string|int|null>
 */
final class Moment implements CastsAttributes
{
    /** Each who asks has one of their own, to reckon with. */
    public bool $withoutObjectCaching = true;

    /** There is always one. */
    public const ALWAYS = self::class.':always';

    /** A day without a time of day; there may be none. */
    public const DAY = self::class.':day';

    public function __construct(private readonly string $kind = '')
    {
    }

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Carbon
    {
        $moment = self::read($value);

        return match ($this->kind) {
            'day' => $moment?->startOfDay(),
            'always' => $moment ?? Carbon::createFromTimestamp(0),
            default => $moment,
        };
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : $model->fromDateTime($value);
    }

    /** Now, as moments are compared by which of two is newer. */
    public static function now(): string
    {
        return Carbon::now()->format('Y-m-d\TH:i:s.vP');
    }

    /** Null for what is none, such as "soon": a moment is kept with its year first. */
    public static function read(mixed $text): ?Carbon
    {
        try {
            return is_string($text) && preg_match('/^\d{4}-\d{2}-/', $text) === 1 ? Carbon::parse($text) : null;
        } catch (InvalidFormatException) {
            return null;
        }
    }
}
