<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\CommandLine\CommandLine;
use PHPUnit\Framework\Assert;

/** Reference cases, asked the way the command line is asked. */
final class Cases
{
    /** @return array<string, mixed> */
    public static function file(string $name): array
    {
        return json_decode((string) file_get_contents(__DIR__."/data/{$name}.json"), true, 64, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  list<mixed>  $cases
     * @return list<array<string, mixed>>
     */
    public static function ask(string $verb, array $cases, int $status = 0): array
    {
        [$out, $complaint, $exit] = CommandLine::run($verb, json_encode($cases, JSON_THROW_ON_ERROR));
        Assert::assertSame('', $complaint);
        Assert::assertSame($status, $exit, $out);

        return json_decode($out, true, 64, JSON_THROW_ON_ERROR);
    }
}
