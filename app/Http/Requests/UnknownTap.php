<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Doing\OfflineAction;
use Illuminate\Validation\Rule;

/** What a newer page may send, and this server does not know. */
final class UnknownTap extends AnglerRequest implements ActsOnDay, ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['do' => ['required', Rule::enum(OfflineAction::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['do' => "This server doesn't know that entry; it may be older than the page."];
    }

    public function act(Outing $outing): void
    {
        $this->actOnDay();
    }

    public function actOnDay(): void
    {
        throw InvalidInput::because('do', "This server doesn't know that entry.");
    }
}
