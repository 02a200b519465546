<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Whether a crew sees the numbers of tags. */
final class ShareTags extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['tags' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['tags' => 'Say whether the others see the numbers of tags.'];
    }
}
