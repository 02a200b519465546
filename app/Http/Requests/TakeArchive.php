<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\ArchiveReader;
use Eskith\Core\Units\InvalidInput;

final class TakeArchive extends AnglerRequest
{
    use Uploads;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws InvalidInput */
    public function archive(): string
    {
        return $this->upload(ArchiveReader::PACKED, 'Choose an archive of up to 100 MB that was exported here.')->getPathname();
    }
}
