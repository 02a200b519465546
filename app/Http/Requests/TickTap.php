<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Models\Plan;
use App\Plans\PlanBook;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;

/** A cast or drift of a plan is ticked off on a device without a connection. */
final class TickTap extends TickPlan implements ActsOnDay, ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'plan' => ['required', 'uuid'], 'at' => self::moment()];
    }

    /** @throws InvalidInput when there is none such */
    public function plan(): Plan
    {
        return $this->angler()->plans()->where('uuid', $this->word('plan'))->first()
            ?? throw InvalidInput::because('plan', 'That plan is gone.');
    }

    public function at(): ?Carbon
    {
        return $this->date('at');
    }

    public function act(Outing $outing): void
    {
        $this->actOnDay();
    }

    public function actOnDay(): void
    {
        PlanBook::of($this->angler())->make($this->plan(), $this->integer('number'), $this->boolean('made'), $this->at());
    }
}
