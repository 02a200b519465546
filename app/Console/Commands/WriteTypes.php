<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Data\TypeScript;
use Illuminate\Console\Command;

final class WriteTypes extends Command
{
    protected $signature = 'types';

    protected $description = 'Write the TypeScript types of what crosses HTTP';

    public function handle(): int
    {
        file_put_contents(TypeScript::path(), TypeScript::text());
        $this->info('Wrote resources/js/types.ts.');

        return self::SUCCESS;
    }
}
