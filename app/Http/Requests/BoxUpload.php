<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Tackle\BoxFile;
use Eskith\Core\Units\InvalidInput;

/** A box as a file. */
final class BoxUpload extends AnglerRequest
{
    use Uploads;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws InvalidInput */
    public function bytes(): string
    {
        if (! $this->hasFile('file')) {
            throw InvalidInput::because('file', 'Choose a CSV or JSON file first.');
        }

        return (string) $this->upload(
            BoxFile::BYTES, 'That file is over 12 MB or did not come through whole. Choose a smaller one.',
        )->get();
    }
}
