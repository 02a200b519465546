<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\RuleFile;
use Eskith\Core\Units\InvalidInput;

final class ImportRules extends AnglerRequest
{
    use Uploads;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws InvalidInput */
    public function rulesText(): string
    {
        $text = $this->input('text');

        return is_string($text) && strlen($text) <= RuleFile::BYTES
            ? $text
            : (string) $this->upload(RuleFile::BYTES, 'Choose a file of rules up to 200 kB that was exported here.')->get();
    }
}
