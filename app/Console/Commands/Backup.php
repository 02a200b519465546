<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\DatabaseFile;
use Eskith\Core\Words\Words;
use Illuminate\Console\Command;
use RuntimeException;

final class Backup extends Command
{
    protected $signature = 'eskith:backup {file : where to, a name not yet taken}';

    protected $description = 'Copy all records to a file, while Eskith runs';

    public function handle(): int
    {
        $file = $this->argument('file');
        if (file_exists($file)) {
            $this->error(Words::of('{file} is there already; choose another name.', file: $file));

            return self::FAILURE;
        }
        try {
            DatabaseFile::copyTo($file);
        } catch (RuntimeException $bad) {
            $this->error($bad->getMessage());

            return self::FAILURE;
        }
        $this->info(Words::of('All records are copied to {file}, and the copy is sound.', file: $file));

        return self::SUCCESS;
    }
}
