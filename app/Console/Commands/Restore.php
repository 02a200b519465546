<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\DatabaseFile;
use Eskith\Core\Words\Words;
use Illuminate\Console\Command;
use RuntimeException;

final class Restore extends Command
{
    protected $signature = 'eskith:restore {file : a file that eskith:backup wrote}';

    protected $description = 'Put a backup in the place of all records; what is there now is copied first';

    public function handle(): int
    {
        try {
            $path = DatabaseFile::path();
            if (is_file($path) && filesize($path) > 0) {
                $before = "{$path}.before-".now()->format('Y-m-d-His');
                // What is broken cannot be copied as a database, and is the reason one restores.
                DatabaseFile::faults($path) === [] ? DatabaseFile::copyTo($before) : copy($path, $before);
                $this->line(Words::of('What was there lies in {before}.', before: $before));
            }
            DatabaseFile::restore($this->argument('file'));
        } catch (RuntimeException $bad) {
            $this->error($bad->getMessage());

            return self::FAILURE;
        }
        $this->call('migrate', ['--force' => true, '--quiet' => true]);
        $this->info('The backup is in place.');

        return self::SUCCESS;
    }
}
