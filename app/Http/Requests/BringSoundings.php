<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Formats\PlacesFile;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\UploadedFile;

/** A file of places or of depths. */
final class BringSoundings extends AnglerRequest
{
    use Uploads;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws InvalidInput */
    public function text(): string
    {
        return (string) $this->upload(PlacesFile::BYTES, 'Choose a GPX, GeoJSON or CSV file of up to 50 MB.')->getContent();
    }

    public function fileName(): string
    {
        $file = $this->file('file');
        $name = $file instanceof UploadedFile ? mb_scrub($file->getClientOriginalName(), 'UTF-8') : '';

        return mb_substr((string) preg_replace('/[^\p{L}\p{N} ._-]/u', '', $name), 0, 80);
    }
}
