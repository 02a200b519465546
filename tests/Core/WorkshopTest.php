<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/** What a newcomer is told is as the scripts are: the container, the workflow, the settings, the ways to add something. */
final class WorkshopTest extends TestCase
{
    private static function file(string $path): string
    {
        return (string) file_get_contents(dirname(__DIR__, 2)."/{$path}");
    }

    /** @return list<string> all that the first group of a pattern finds, each once */
    private static function all(string $pattern, string $path): array
    {
        preg_match_all($pattern, self::file($path), $found);
        self::assertNotSame([], $found[1], "{$path} has none of {$pattern}");

        return array_values(array_unique($found[1]));
    }

    public function test_the_container_is_made_of_what_the_scripts_ask_for(): void
    {
        preg_match('/^    for tool in (pdo_sqlite[^;]+); do$/m', self::file('bin/setup.sh'), $asked);
        $packages = array_map(static fn (string $one): string => 'php8.2-'.explode(':', $one)[1], explode(' ', $asked[1] ?? ''));
        self::assertGreaterThan(5, count($packages));
        foreach ($packages as $package) {
            self::assertStringContainsString(" {$package} ", self::file('Containerfile').' ', $package);
        }
        foreach (['composer install --no-progress --prefer-dist', 'npm ci', 'npm run build'] as $step) {
            self::assertStringContainsString($step, self::file('bin/setup.sh'));
            self::assertStringContainsString($step, self::file('Containerfile'));
        }
        self::assertStringContainsString('CMD ["bin/serve"]', self::file('Containerfile'));
    }

    public function test_the_workflow_runs_what_runs_here_for_every_version_that_is_allowed(): void
    {
        self::assertStringContainsString('run: bash .ci/run', self::file('.github/workflows/test.yml'));
        self::assertStringContainsString('exec bin/test', self::file('.ci/run'));
        $allowed = array_map(
            static fn (string $version): string => '80'.($version).'00', self::all('/~8\.(\d)\.0/', 'composer.json'),
        );
        self::assertSame($allowed, self::all('/"(80\d00)"/', '.github/workflows/test.yml'));
        self::assertStringContainsString('--php=8[0-9][0-9]0[0-9]', self::file('bin/test'));
    }

    public function test_settings_that_are_offered_are_read(): void
    {
        $read = implode("\n", array_map(static fn (string $path): string => (string) file_get_contents($path), [
            ...(glob(dirname(__DIR__, 2).'/config/*.php') ?: []),
            ...(glob(dirname(__DIR__, 2).'/vendor/laravel/framework/config/*.php') ?: []),
        ]));
        foreach (self::all('/^(?:# )?([A-Z_]+)=/m', '.env.example') as $name) {
            self::assertStringContainsString("'{$name}'", $read, "{$name} is read nowhere");
        }
    }

    public function test_everything_that_can_be_grown_is_told_how(): void
    {
        $kinds = self::all("/^    '(\\w+)' => \\[/m", 'bin/grow.php');
        self::assertCount(12, $kinds);
        foreach (self::all('#\[\'((?:core|app|resources)/[^\']+)\', #', 'bin/grow.php') as $path) {
            if (! str_contains($path, 'NudgeTap')) {
                self::assertFileExists(dirname(__DIR__, 2)."/{$path}");
                self::assertStringContainsString(basename($path), self::file('CONTRIBUTING.md'), "CONTRIBUTING.md does not name {$path}");
            }
        }
        foreach (self::all('#`((?:core|app|resources|docs)/[\w/.]+)`#', 'CONTRIBUTING.md') as $path) {
            self::assertFileExists(dirname(__DIR__, 2)."/{$path}");
        }
    }

    public function test_the_picture_of_the_house_is_as_the_code_is_and_no_rooms_name_each_other(): void
    {
        exec('php '.escapeshellarg(dirname(__DIR__, 2).'/bin/house').' --check', $said, $status);
        self::assertSame(0, $status, 'Run bin/house.');
        self::assertStringNotContainsString('class="u"', self::file('docs/house.svg'), 'two rooms name each other, if round about');
    }
}
