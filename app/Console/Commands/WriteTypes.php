<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\LogSchema;
use App\Console\Figures;
use App\Console\Kinds;
use App\Console\Tables;
use App\Data\RulesSchema;
use App\Data\TypeScript;
use Illuminate\Console\Command;

final class WriteTypes extends Command
{
    protected $signature = 'types';

    protected $description = 'Write what follows from the code: the TypeScript types of what crosses HTTP, the kinds of things that '
        .'grow and the figures that the scripts share, the readings in the schema of the rules file, the schema of the log, the tables '
        .'of the documentation';

    public function handle(): int
    {
        file_put_contents(TypeScript::path(), TypeScript::text());
        file_put_contents(Kinds::path(), Kinds::text());
        file_put_contents(Figures::path(), Figures::text());
        file_put_contents(RulesSchema::path(), RulesSchema::text());
        file_put_contents(LogSchema::path(), LogSchema::text());
        file_put_contents(Tables::path(), Tables::text());
        $this->info('Wrote resources/js/types.ts, kinds.ts and figures.ts there, the schemas in public/schema and docs/tables.md.');

        return self::SUCCESS;
    }
}
