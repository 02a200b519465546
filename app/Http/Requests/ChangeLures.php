<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Database\Caps;
use App\Tackle\LureChange;

final class ChangeLures extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'each' => ['required', 'array', 'list', 'max:'.Caps::of('lures')],
            'each.*.id' => ['required', 'integer'],
            'each.*.set' => ['required', 'array'],
            'each.*.version' => ['required', 'integer'],
            'each.*.saw' => ['sometimes', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['each.*.version' => 'Say which version of the lure you saw. Load the page again.'];
    }

    /** @return list<LureChange> */
    public function changes(): array
    {
        /** @var list<array{id: int|string, set: array<string, mixed>, version: int|string, saw?: array<string, mixed>}> $sent */
        $sent = $this->input('each');

        return array_map(
            static fn (array $one): LureChange => new LureChange((int) $one['id'], $one['set'], (int) $one['version'], $one['saw'] ?? []),
            $sent,
        );
    }
}
