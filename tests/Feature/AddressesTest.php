<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Route;
use Symfony\Component\Finder\Finder;
use Tests\TestCase;

/** Every address that the interface asks for is one of the routes, in the way it is asked. */
final class AddressesTest extends TestCase
{
    /** What stands before an address that says in which way it is asked. */
    private const ASKED = '(?:(?:router|form)\.(?<way>get|post|put|patch|delete|visit)\(|send(?:<[^>]*>)?\(\s*"(?<sent>[A-Z]+)",)\s*';

    /** @return array<string, array{string, string}> by where: the address with {} for what is filled in, and the method; '' for any */
    private static function used(): array
    {
        $used = [];
        // The worker with PHP in it has files of its own, which no server knows.
        foreach (Finder::create()->in(dirname(__DIR__, 2).'/resources/js')->name(['*.ts', '*.tsx'])->notName('worker.ts') as $file) {
            $literal = '(?<quote>["`])(?<address>/[a-z][^"`\s]*)\k<quote>';
            preg_match_all('~(?:'.self::ASKED.")?{$literal}~", $file->getContents(), $all, PREG_SET_ORDER);
            foreach ($all as $one) {
                $address = (string) preg_replace(['~\$\{[^{}]*\}~', '~[?#].*$~'], ['{}', ''], $one['address']);
                $way = strtoupper($one['way'] !== '' ? $one['way'] : $one['sent']);
                $way = $way === 'VISIT' ? 'GET' : $way;
                $used["{$way} {$address} in {$file->getFilename()}"] = [$address, $way];
            }
        }

        return $used;
    }

    public function test_each_is_a_route(): void
    {
        $routes = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $routes[] = ['/'.preg_replace('~\{[^}]*\}~', '{}', $route->uri()), $route->methods()];
        }
        $used = self::used();
        self::assertGreaterThan(150, count($used));
        $faults = [];
        foreach ($used as $where => [$address, $way]) {
            if (str_starts_with($address, '/build/') || is_file(public_path($address))) {
                continue;
            }
            $ways = [];
            foreach ($routes as [$known, $methods]) {
                if (self::fits($known, $address) || self::fits($address, $known)) {
                    array_push($ways, ...$methods);
                }
            }
            if ($ways === [] || ($way !== '' && ! in_array($way, $ways, true))) {
                $faults[] = $where;
            }
        }
        self::assertSame([], $faults);
    }

    /** Whether an address is one of a form, in which {} is any part; what follows the last part may be a query. */
    private static function fits(string $form, string $address): bool
    {
        $parts = implode('(?:\{\}|[^/.]+)', array_map(preg_quote(...), explode('{}', $form)));

        return preg_match("~^{$parts}(?:/|\{\})?$~", $address) === 1;
    }
}
