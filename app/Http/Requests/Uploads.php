<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\UploadedFile;

/** A file that came with a request. */
trait Uploads
{
    /** @throws InvalidInput with these words when none came, or it is larger, or it did not come through whole */
    private function upload(int $mostBytes, string $words): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile && $file->isValid() && $file->getSize() <= $mostBytes
            ? $file
            : throw InvalidInput::because('file', $words);
    }
}
