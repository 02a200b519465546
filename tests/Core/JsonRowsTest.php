<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Formats\JsonBounds;
use Eskith\Core\Formats\JsonRows;
use Eskith\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lists read row by row are what they are read whole, however they are written. */
final class JsonRowsTest extends TestCase
{
    /** @return resource */
    private static function stream(string $text)
    {
        $stream = fopen('php://temp', 'w+') ?: throw new \RuntimeException('no memory');
        fwrite($stream, $text);
        rewind($stream);

        return $stream;
    }

    /** @return iterable<string, array{string}> */
    public static function lists(): iterable
    {
        $rows = [
            ['no' => 1, 'text' => "a \"quoted\" }],{[ \\ and\nlines", 'in' => ['x' => [1, [2, []]]]],
            ['no' => 2, 'text' => '', 'é' => 'ü \\" '],
            7, null, 'text, with: signs', [], true, -1.5e3, ['last' => str_repeat('long ', 90_000)],
        ];
        $flags = JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION;
        yield 'on one line' => [(string) json_encode($rows, $flags)];
        yield 'pretty' => [(string) json_encode($rows, $flags | JSON_PRETTY_PRINT)];
        $each = array_map(static fn (mixed $row): string => (string) json_encode($row, $flags), $rows);
        yield 'a row to a line' => ["[\n".implode(",\n", $each)."\n]\n"];
        yield 'with other line ends' => ["[\r\n".implode(" ,\r\n", array_map(json_encode(...), $rows))."\r\n]"];
        yield 'of many' => [(string) json_encode(array_fill(0, 20_000, ['no' => 1, 'name' => 'a "b"']))];
        yield 'of none' => [" [ \n ] "];
        yield 'two rows on a line' => ["[{\"a\":1},{\"b\":2},\n{\"c\":3}]"];
    }

    #[DataProvider('lists')]
    public function test_a_list_is_read_as_it_is_whole(string $json): void
    {
        self::assertSame(json_decode($json, true), iterator_to_array(JsonRows::ofList(self::stream($json), 'It'), false));
        $read = [];
        $head = [];
        foreach (JsonRows::ofLists(self::stream('{"format":"x", "rows": '.$json.' ,"version":1,"none":[]}'), 'It') as $name => $row) {
            $name === 'rows' ? $read[] = $row : $head[$name] = $row;
        }
        self::assertSame([json_decode($json, true), ['format' => 'x', 'version' => 1]], [$read, $head]);
    }

    /** @return iterable<string, array{string}> */
    public static function broken(): iterable
    {
        foreach ([
            '', '{', '[1', '[1,]', '[1 2]', '[,1]', '{"a":1}', '[1]]', '[1] x', '["open', '[{"a":1]', '[nothing]', "[{\"a\":1}\n{\"b\":2}]",
            '["\ud800"]', "[\"a\nb\"]",
        ] as $json) {
            yield $json === '' ? 'nothing' : $json => [$json];
        }
    }

    #[DataProvider('broken')]
    public function test_what_is_no_list_is_refused(string $json): void
    {
        self::assertFalse(is_array(json_decode($json, true)) && array_is_list((array) json_decode($json, true)));
        $this->expectException(InvalidInput::class);
        iterator_to_array(JsonRows::ofList(self::stream($json), 'It'), false);
    }

    public function test_a_row_that_is_too_long_too_deep_or_too_crowded_is_refused_before_it_is_read(): void
    {
        $keys = implode(',', array_map(static fn (int $i): string => "\"{$i}\":0", range(1, 2_600)));
        foreach (['["'.str_repeat('x', 800_000).'"]', '['.str_repeat('[', 20).str_repeat(']', 20).']', "[{{$keys}}]",
            "[\n{{$keys}},\n{}]"] as $json) {
            try {
                iterator_to_array(JsonRows::ofList(self::stream($json), 'It'), false);
                self::fail(substr($json, 0, 40));
            } catch (InvalidInput $bad) {
                self::assertMatchesRegularExpression('/too long|can\'t be read|holds too much/', $bad->getMessage());
            }
        }
    }

    public function test_it_can_be_called_off_as_it_comes(): void
    {
        $this->expectException(InvalidInput::class);
        foreach (JsonRows::ofList(self::stream('['.str_repeat('1,', 400_000).'1]'), 'It', static function (int $bytes): void {
            static $sum = 0;
            $sum += $bytes;
            if ($sum > 300_000) {
                throw InvalidInput::because('file', 'enough');
            }
        }) as $row) {
            self::assertSame(1, $row);
        }
    }

    public function test_what_fits_into_memory_is_told_by_its_signs(): void
    {
        self::assertTrue(JsonBounds::hold((string) json_encode(array_fill(0, 200, array_fill_keys(range('a', 't'), 'b: [,{ "')))));
        $crowded = '{'.implode(',', array_map(static fn (int $i): string => "\"{$i}\":0", range(1, 2_501))).'}';
        foreach ([$crowded, '['.str_repeat('[],', 100_001).'0]', str_repeat('[', 17).str_repeat(']', 17)] as $json) {
            self::assertFalse(JsonBounds::hold($json), substr($json, 0, 30));
        }
        self::assertTrue(JsonBounds::hold(str_repeat('[', 16).str_repeat(']', 16)));
        self::assertFalse(JsonBounds::hold(substr($crowded, 0, -1)), 'broken or not');
    }
}
