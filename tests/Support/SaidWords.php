<?php

declare(strict_types=1);

namespace Tests\Support;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/**
 * Every text that is said, found in the code: sentences, labels, errors and notices, each as its template stands there. A text is two
 * words or more; what only machines and developers read is none.
 *
 * @phpstan-type Said array{file: string, line: int, text: string, isReason: bool}
 */
final class SaidWords extends NodeVisitorAbstract
{
    /** Folders and files whose texts are written for machines. */
    private const UNSAID = '#^(app/(Data|Console|Models|Rows|Http/Middleware|Http/DevelopmentScripts|Kits/RecordCache|Backup)\b|'
        .'app/Tackle/Gauge|app/Record/RodTally|app/Presenters/Card/LureOutline|core/CommandLine)#';

    private const TWO_WORDS = '/(?:^|[ “"(])[A-Za-z{][\w’\'}|#-]*[,;:.?!]?[ \x{A0}][A-Za-z0-9{½]/u';

    private const OF_MACHINES = '/^(select|update|delete|insert|with)\b|[=<>]\s?\?|^<|::|\\\\|^\/|[<>]=|sum\(|count\(|max\(|'
        .'[a-z]_[a-z]+,/i';

    private const THROWN_TO_DEVELOPERS = '/(Logic|Runtime|Domain|OutOf\w*|InvalidArgument)Exception$/';

    /** What takes a template with its values, after these. */
    private const TAKES = [
        'Words::of' => ['template'], 'Verdict::of' => ['points', 'template'], 'InvalidInput::because' => ['field', 'template'],
    ];

    /** @var array<string, self>|null  read once */
    private static ?array $visited = null;

    /** @var list<array{int, string, bool}> */
    private array $found = [];

    /** @var list<string> */
    private array $calls = [];

    /** @var list<string> places without a value, and values without a place */
    private array $loose = [];

    private function __construct()
    {
    }

    /** @return list<Said> in order of files and lines */
    public static function inCode(): array
    {
        $said = [];
        foreach (self::visited() as $file => $visited) {
            foreach ($visited->found as [$line, $text, $isReason]) {
                $said[] = ['file' => $file, 'line' => $line, 'text' => $text, 'isReason' => $isReason];
            }
        }

        return $said;
    }

    /** @return list<string> what a template asks for and is not given, or is given and does not say */
    public static function looseValues(): array
    {
        $loose = [];
        foreach (self::visited() as $file => $visited) {
            array_push($loose, ...array_map(static fn (string $one): string => "{$file}: {$one}", $visited->loose));
        }

        return $loose;
    }

    /** Words of the longest sentence in it; a value is one word. */
    public static function longestSentence(string $text): int
    {
        $plain = (string) preg_replace(['/\{\w+\|[^|}]*\|([^}]*)\}/u', '/\x{A0}/u'], ['$1', '_'], $text);
        $sentences = preg_split('/(?<=[.?!])\s+(?=[A-Z{“"])/u', $plain) ?: [];

        return max(0, ...array_map(static fn (string $one): int => (int) preg_match_all('/\S*[\w{#]\S*/u', $one), $sentences));
    }

    public function enterNode(Node $node): ?int
    {
        $hidden = $node instanceof Node\Attribute
            || ($node instanceof Expr\New_ && $node->class instanceof Node\Name
                && preg_match(self::THROWN_TO_DEVELOPERS, $node->class->toString()) === 1)
            || ($node instanceof Expr\FuncCall && $node->name instanceof Node\Name && str_starts_with($node->name->toString(), 'preg_'));
        if ($hidden) {
            return NodeTraverser::DONT_TRAVERSE_CHILDREN;
        }
        if ($node instanceof Expr\StaticCall && $node->class instanceof Node\Name && $node->name instanceof Node\Identifier) {
            $this->calls[] = "{$node->class->getLast()}::{$node->name->name}";
            $this->holdBeside($node);
        }
        $text = self::literal($node);
        if ($text === null) {
            return null;
        }
        if (preg_match(self::TWO_WORDS, $text) === 1 && preg_match(self::OF_MACHINES, $text) !== 1) {
            $this->found[] = [$node->getStartLine(), $text, end($this->calls) === 'Verdict::of'];
        }

        return NodeTraverser::DONT_TRAVERSE_CHILDREN;
    }

    public function leaveNode(Node $node): null
    {
        if ($node instanceof Expr\StaticCall && $node->class instanceof Node\Name && $node->name instanceof Node\Identifier) {
            array_pop($this->calls);
        }

        return null;
    }

    /** Places of a template, or of the templates that are chosen from, against the values that are named. */
    private function holdBeside(Expr\StaticCall $call): void
    {
        $before = self::TAKES[end($this->calls)] ?? [];
        $at = count($before) - 1;
        $template = $call->args[$at] ?? null;
        if (! $template instanceof Node\Arg) {
            return;
        }
        $templates = self::choices($template->value);
        $values = [];
        foreach (array_slice($call->args, $at + 1) as $value) {
            if ($value instanceof Node\Arg && $value->unpack) {
                return;
            }
            $values[] = $value instanceof Node\Arg ? (string) $value->name?->name : '';
        }
        if ($templates === []) {
            return;
        }
        preg_match_all('/\{(\w+)[|}]/', implode(' ', $templates), $places);
        foreach ([...array_diff($places[1], $values), ...array_diff($values, $places[1]), ...array_intersect($values, $before)] as $one) {
            $this->loose[] = "line {$call->getStartLine()}, {$one}";
        }
    }

    /** @return list<string> */
    private static function choices(Expr $expression): array
    {
        $text = self::literal($expression);

        return match (true) {
            $text !== null => [$text],
            $expression instanceof Expr\Ternary => [
                ...($expression->if === null ? [] : self::choices($expression->if)), ...self::choices($expression->else),
            ],
            $expression instanceof Expr\Match_ => array_merge(
                ...array_map(static fn (Node\MatchArm $arm): array => self::choices($arm->body), $expression->arms),
            ),
            default => [],
        };
    }

    /** What is written there, also over several lines; null for what is no text. */
    private static function literal(Node $node): ?string
    {
        if ($node instanceof Node\Scalar\String_) {
            return $node->value;
        }
        if (! $node instanceof Expr\BinaryOp\Concat) {
            return null;
        }
        [$left, $right] = [self::literal($node->left), self::literal($node->right)];

        return $left === null || $right === null ? null : $left.$right;
    }

    /** @return array<string, self> by file */
    private static function visited(): array
    {
        return self::$visited ??= self::visit();
    }

    /** @return array<string, self> by file */
    private static function visit(): array
    {
        $visited = [];
        $root = dirname(__DIR__, 2);
        $parser = (new ParserFactory)->createForNewestSupportedVersion();
        $files = [];
        foreach (['core', 'telling', 'app'] as $room) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("{$root}/{$room}")) as $file) {
                $files[] = substr((string) $file, strlen($root) + 1);
            }
        }
        sort($files);
        foreach ($files as $file) {
            if (str_ends_with($file, '.php') && preg_match(self::UNSAID, $file) !== 1) {
                $visitor = new self;
                (new NodeTraverser($visitor))->traverse($parser->parse((string) file_get_contents("{$root}/{$file}")) ?? []);
                $visited[$file] = $visitor;
            }
        }

        return $visited;
    }
}
