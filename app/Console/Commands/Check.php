<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\DatabaseFile;
use App\Kits\Kits;
use App\Models\User;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Lure\AsidePresenter;
use Illuminate\Console\Command;
use RuntimeException;

final class Check extends Command
{
    protected $signature = 'eskith:check';

    protected $description = 'Look for damage in the database, and for what is kept and cannot be used';

    public function handle(): int
    {
        try {
            $faults = DatabaseFile::faults(DatabaseFile::path());
        } catch (RuntimeException $elsewhere) {
            $this->warn($elsewhere->getMessage());
            $faults = [];
        }
        foreach ($faults as $fault) {
            $this->error(Words::of('The database is not sound: {fault}.', fault: $fault));
        }
        $aside = 0;
        foreach ($faults === [] ? User::query()->lazyById(50) : [] as $user) {
            $aside += $this->asideOf($user);
        }
        if ($faults === [] && $aside === 0) {
            $this->info('The database is sound, and everything in it can be used.');
        }

        return $faults === [] && $aside === 0 ? self::SUCCESS : self::FAILURE;
    }

    private function asideOf(User $user): int
    {
        try {
            $aside = AsidePresenter::of(Kits::ranked($user));
        } catch (InvalidInput $bad) {
            $this->error("{$user->email}: {$bad->getMessage()}");

            return 1;
        }
        foreach ($aside as $one) {
            $this->warn("{$user->email}: {$one->words}");
        }

        return count($aside);
    }
}
