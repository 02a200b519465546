<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Illuminate\Auth\Access\Response;
use Illuminate\Database\Eloquent\Model;

/** A row is reached only by the angler it belongs to; to everybody else it does not exist. */
class OwnPolicy
{
    public function own(User $user, Model $row): Response
    {
        return $row->getAttribute('user_id') === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
