<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Closure;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Facades\Cache;

/** Of one angler one file is read at a time: each takes a process for as long as it lasts, and others want to be answered too. */
final class OneFile
{
    /** s after which one that was broken off bars no other any more. */
    private const LONGEST_S = 150;

    /**
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T
     *
     * @throws InvalidInput while another is read
     */
    public static function of(User $user, Closure $read): mixed
    {
        $lock = Cache::lock("file of {$user->id}", self::LONGEST_S);
        if (! $lock->get()) {
            throw InvalidInput::because(
                'file', 'Another file of yours is being read in. Wait until it is done, then choose this one again.',
            );
        }
        try {
            return $read();
        } finally {
            $lock->release();
        }
    }
}
