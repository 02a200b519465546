<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Eskith\Telling\Settings\Settings;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;

/**
 * An angler with an account.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property array<string, string>|null $settings
 * @property int|null $pinned_lure_id
 * @property int|null $rod_id  the rod in hand
 * @property string|null $rod_told_at  when that was said
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    use Notifiable;

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password', 'settings', 'pinned_lure_id', 'rod_id', 'rod_told_at'];

    protected $attributes = ['pinned_lure_id' => null, 'rod_id' => null, 'rod_told_at' => null, 'remember_token' => null];

    protected $hidden = ['password', 'remember_token'];

    /** An e-mail address as it is kept and looked up: nobody is told apart by its case. */
    public static function address(string $typed): string
    {
        return mb_strtolower(trim($typed));
    }

    /** The account that everybody may look around in. */
    public function isDemo(): bool
    {
        return $this->email === config('eskith.demo_email');
    }

    public function settings(): Settings
    {
        return Settings::from($this->settings ?? []);
    }

    /** @return HasMany<Water, $this> */
    public function waters(): HasMany
    {
        return $this->hasMany(Water::class);
    }

    /** @return HasMany<Spot, $this> */
    public function spots(): HasMany
    {
        return $this->hasMany(Spot::class);
    }

    /** @return HasMany<Mark, $this> */
    public function marks(): HasMany
    {
        return $this->hasMany(Mark::class);
    }

    /** @return HasMany<Edge, $this> */
    public function edges(): HasMany
    {
        return $this->hasMany(Edge::class);
    }

    /** @return HasMany<Survey, $this> */
    public function surveys(): HasMany
    {
        return $this->hasMany(Survey::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class);
    }

    /** @return HasMany<Line, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(Line::class);
    }

    /** @return HasMany<Lure, $this> */
    public function lures(): HasMany
    {
        return $this->hasMany(Lure::class);
    }

    /** @return HasMany<Outing, $this> those that are not taken away */
    public function outings(): HasMany
    {
        return $this->hasMany(Outing::class)->whereNull('outings.deleted_at');
    }

    /** @return HasMany<CardRule, $this> */
    public function cardRules(): HasMany
    {
        return $this->hasMany(CardRule::class);
    }

    /** @return HasMany<Pause, $this> */
    public function pauses(): HasMany
    {
        return $this->hasMany(Pause::class);
    }

    /** @return HasMany<Setup, $this> */
    public function setups(): HasMany
    {
        return $this->hasMany(Setup::class);
    }

    /** @return HasMany<Event, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(Event::class);
    }

    /** @return HasMany<Measurement, $this> */
    public function measurements(): HasMany
    {
        return $this->hasMany(Measurement::class);
    }

    /** @return HasMany<Gear, $this> */
    public function gear(): HasMany
    {
        return $this->hasMany(Gear::class);
    }

    /** @return HasMany<Plan, $this> */
    public function plans(): HasMany
    {
        return $this->hasMany(Plan::class);
    }

    /** @return HasMany<Rod, $this> */
    public function rods(): HasMany
    {
        return $this->hasMany(Rod::class);
    }

    /** The rod in hand; null before the first one. */
    public function rodInHand(): ?Rod
    {
        return $this->rod_id === null ? null : $this->rods()->find($this->rod_id);
    }

    /** @return HasMany<RuleChoice, $this> */
    public function ruleChoices(): HasMany
    {
        return $this->hasMany(RuleChoice::class);
    }

    /** @return HasMany<History, $this> */
    public function history(): HasMany
    {
        return $this->hasMany(History::class);
    }

    /** @return HasOne<Feed, $this> */
    public function feed(): HasOne
    {
        return $this->hasOne(Feed::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'settings' => 'array'];
    }
}
