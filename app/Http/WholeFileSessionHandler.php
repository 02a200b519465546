<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Session\FileSessionHandler;

/** Visits in files that are put in place whole: a server that dies while it writes one leaves the visit as it was. */
final class WholeFileSessionHandler extends FileSessionHandler
{
    public function write($sessionId, $data): bool
    {
        $this->files->replace("{$this->path}/{$sessionId}", $data, 0600);

        return true;
    }
}
