<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A rule of one's own, read by CustomRuleForm. */
final class KeepRule extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    /** @return array<array-key, mixed> as sent: the framework would make empty texts null */
    public function fields(): array
    {
        $raw = json_decode($this->getContent(), true, 16);

        return is_array($raw) ? $raw : [];
    }
}
