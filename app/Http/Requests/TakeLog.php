<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\LogFile;
use Eskith\Core\Units\InvalidInput;

/** A file of outings. */
final class TakeLog extends AnglerRequest
{
    use Uploads;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    /**
     * @return string its path
     *
     * @throws InvalidInput
     */
    public function log(): string
    {
        return $this->upload(LogFile::BYTES, 'Choose a log of up to 100 MB that was exported here.')->getPathname();
    }
}
