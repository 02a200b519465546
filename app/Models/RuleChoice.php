<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Capped;
use Illuminate\Database\Eloquent\Model;

/**
 * What an angler has made of one rule: how much it counts, and for a rule of their own what it holds.
 *
 * @property int $id
 * @property int $user_id
 * @property string $rule id of the rule, a UUID for an own one
 * @property float $weight 0 is switched off, 1 as it comes
 * @property array<string, mixed>|null $own
 */
final class RuleChoice extends Model
{
    use Capped;

    protected $table = 'rule_choices';

    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['weight' => 'float', 'own' => 'array'];
    }
}
