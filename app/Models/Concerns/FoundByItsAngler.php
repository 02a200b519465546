<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;

/**
 * A row is looked up in an address among the angler's own rows: an id made by a sender may stand in another's record
 * too, and must not hide this one.
 *
 * @mixin Model
 */
trait FoundByItsAngler
{
    /**
     * @param  mixed  $value
     * @param  string|null  $field
     */
    public function resolveRouteBinding($value, $field = null): ?Model
    {
        return $this->newQuery()->where('user_id', Auth::id())->where($field ?? $this->getRouteKeyName(), $value)->first();
    }
}
