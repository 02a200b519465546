<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\CommandLine\CommandLine;
use PHPUnit\Framework\TestCase;

final class CommandLineTest extends TestCase
{
    public function test_a_bad_case_is_answered_in_its_place(): void
    {
        $good = ['family' => 'blade', 'mass_kg' => 0.014, 'depth_m' => 8, 'line_d_m' => 0.0002, 'water_c' => 6];
        $answers = Cases::ask(
            'line',
            [$good, [...$good, 'depth_m' => -3], [...$good, 'family' => 'sinker'], 7, [...$good, 'mass_kg' => 0], $good], 1,
        );

        self::assertCount(6, $answers);
        self::assertSame($answers[0], $answers[5]);
        self::assertSame(['field' => 'depth_m', 'message' => 'Depth is more than 0.'], $answers[1]['error']);
        self::assertSame('"family" must be one of blade, spoon, bladed_spoon, tail_spinner.', $answers[2]['error']['message']);
        self::assertSame('A case must be an object.', $answers[3]['error']['message']);
        self::assertSame('mass_kg', $answers[4]['error']['field']);
    }

    public function test_what_cannot_be_used_at_all_is_said(): void
    {
        self::assertSame(2, CommandLine::run('dance', '[]')[2]);
        self::assertSame("The input must be a JSON array of cases.\n", CommandLine::run('line', '{"a":1}')[1]);
        self::assertSame(2, CommandLine::run('line', 'not json')[2]);
        self::assertSame(["[]\n", '', 0], CommandLine::run('line', '[]'));
    }

    public function test_the_program_runs_without_packages(): void
    {
        $process = proc_open(
            [PHP_BINARY, dirname(__DIR__, 2).'/bin/eskith', 'hang'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes,
        );
        self::assertIsResource($process);
        fwrite($pipes[0], '[{"hole":[26,10],"balance":[19,3]},{}]');
        fclose($pipes[0]);
        $answers = json_decode((string) stream_get_contents($pipes[1]), true);

        self::assertSame('', stream_get_contents($pipes[2]));
        self::assertEqualsWithDelta(45, $answers[0]['hang_angle_deg'], 1e-9);
        self::assertSame('hole', $answers[1]['error']['field']);
        self::assertSame(1, proc_close($process));
    }
}
