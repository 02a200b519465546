<?php

declare(strict_types=1);

namespace Tests\Support;

use PhpToken;

/** Which class of a folder names which, read from the code. */
final readonly class ClassGraph
{
    /** @param  array<string, list<string>>  $names  by class, the classes of the same folder that it names */
    private function __construct(public array $names)
    {
    }

    public static function of(string $folder): self
    {
        $tokens = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $code = (string) file_get_contents((string) $file);
            if (str_ends_with((string) $file, '.php') && preg_match('/^namespace ([\w\\\\]+);/m', $code, $found) === 1) {
                $tokens[$found[1].'\\'.basename((string) $file, '.php')] = PhpToken::tokenize($code);
            }
        }

        return new self(array_map(
            static fn (string $class): array => self::named($class, $tokens[$class], $tokens),
            array_combine(array_keys($tokens), array_keys($tokens)),
        ));
    }

    /** @return list<list<string>> groups of classes that need each other, directly or round about */
    public function circles(): array
    {
        $reached = array_map(
            fn (string $class): array => $this->reached($class),
            array_combine(array_keys($this->names), array_keys($this->names)),
        );
        $circles = [];
        foreach ($reached as $class => $others) {
            $group = array_keys(
                array_filter($others, static fn (bool $is, string $other): bool => isset($reached[$other][$class]), ARRAY_FILTER_USE_BOTH),
            );
            sort($group);
            if (count($group) > 1) {
                $circles[implode(' ', $group)] = $group;
            }
        }

        return array_values($circles);
    }

    /** @return array<string, true> by class, whatever it needs, itself included where it needs itself round about */
    private function reached(string $class): array
    {
        $found = [];
        $open = $this->names[$class];
        while ($open !== []) {
            $next = array_pop($open);
            if (! isset($found[$next])) {
                $found[$next] = true;
                $open = [...$open, ...$this->names[$next]];
            }
        }

        return $found;
    }

    /**
     * @param  array<PhpToken>  $tokens
     * @param  array<string, mixed>  $known
     * @return list<string>
     */
    private static function named(string $class, array $tokens, array $known): array
    {
        $namespace = substr($class, 0, (int) strrpos($class, '\\'));
        $names = [];
        foreach ($tokens as $i => $token) {
            $name = ltrim($token->text, '\\');
            $isMember = ($tokens[$i - 1] ?? null)?->is(
                [T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION],
            ) ?? false;
            $found = match (true) {
                $token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) => isset($known[$name]) ? $name : "{$namespace}\\{$name}",
                $token->is(T_STRING) && ! $isMember => "{$namespace}\\{$name}",
                default => '',
            };
            if (isset($known[$found]) && $found !== $class) {
                $names[$found] = true;
            }
        }

        return array_keys($names);
    }
}
