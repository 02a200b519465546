<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use XMLReader;

/**
 * Reads GPX 1.1, strictly: well-formed, without a document type, of at most 50 MB and 200,000 points. Goes through a file from
 * front to back, once, and keeps no more of it than its points.
 */
final class GpxReader
{
    private const POINTS = ['wpt', 'rtept', 'trkpt'];

    /** Points between two words on how far it is. */
    private const TELL_EVERY = 2_000;

    /** Letters of a text that are kept, and elements within each other. */
    private const LETTERS = 2_000;

    private const DEEPEST = 24;

    /** An element with more attributes than any of GPX has. */
    private const CROWDED = '/<[^<>"\']*+(?:(?:"[^"<]*+"|\'[^\'<]*+\')[^<>"\']*+){65}/';

    /** Elements of a file. */
    private const ELEMENTS = 2_500_000;

    /** Encodings in which a document type is seen before anything is parsed. */
    private const ENCODINGS = ['utf-8', 'us-ascii', 'iso-8859-1', 'iso-8859-15', 'windows-1252'];

    private readonly XMLReader $xml;

    private readonly PlacesFile $file;

    private readonly int $expected;

    private int $points = 0;

    private int $elements = 0;

    private ?Track $line = null;

    /** @var array{float, float}|null of the point that is open */
    private ?array $at = null;

    /** @var array<string, string> texts of the point that is open, ours as "eskith:name" */
    private array $texts = [];

    private string $text = '';

    /** @param  \Closure(float): void|null  $done  told now and then which share is read; may throw to call it off */
    public function __construct(private readonly string $source, private readonly ?\Closure $done = null)
    {
        $this->xml = new XMLReader;
        $this->file = new PlacesFile;
        $this->expected = max(1, substr_count($source, 'lat='));
    }

    /** @throws InvalidInput in a sentence that says what is wrong, and where */
    public function read(): PlacesFile
    {
        PlacesFile::demandSize($this->source);
        $this->demandEncoding();
        // Before anything is parsed: each further attribute is held against all before it.
        if (preg_match(self::CROWDED, $this->source) !== 0) {
            throw self::refused('That GPX file has an element with attributes without end; it is not read.');
        }
        // Entities cannot be declared without a document type.
        if (stripos($this->source, '<!doctype') !== false || stripos($this->source, '<!entity') !== false) {
            throw self::refused('A GPX file has no document type; this one does, and is not read.');
        }
        $before = libxml_use_internal_errors(true);
        libxml_clear_errors();
        try {
            $opened = $this->source !== '' && $this->xml->XML($this->source, null, LIBXML_NONET | LIBXML_COMPACT);
            if ($opened !== true) {
                throw self::refused('That is no GPX file; it has nothing in it that could be read.');
            }
            $this->through();
            $error = libxml_get_last_error();
            if ($error !== false && $error->level >= LIBXML_ERR_ERROR) {
                throw self::refused(Words::of('That GPX file is broken on line {line}. Export it again.', line: $error->line));
            }
        } finally {
            $this->xml->close();
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }

        return $this->file;
    }

    private function demandEncoding(): void
    {
        $head = substr($this->source, 0, 400);
        preg_match('/^(?:\xEF\xBB\xBF)?\s*<\?xml[^>]*encoding\s*=\s*["\']([\w.-]+)/i', $head, $named);
        if (str_contains($head, "\0") || ! in_array(strtolower($named[1] ?? 'utf-8'), self::ENCODINGS, true)) {
            throw self::refused('A GPX file is written in UTF-8; this one is not, and is not read. Export it again.');
        }
    }

    private function through(): void
    {
        $root = false;
        while ($this->xml->read()) {
            if ($this->xml->depth > self::DEEPEST) {
                throw self::refused('That GPX file has elements within elements without end; it is not read.');
            }
            if ($this->xml->nodeType === XMLReader::ELEMENT) {
                if (! $root) {
                    $this->demandRoot();
                    $root = true;
                }
                $empty = $this->xml->isEmptyElement;
                [$name, $own] = [$this->xml->localName, $this->xml->namespaceURI === Gpx::OWN];
                $this->opens($name);
                if ($empty) {
                    $this->closes($name, $own);
                }
            } elseif ($this->xml->nodeType === XMLReader::TEXT || $this->xml->nodeType === XMLReader::CDATA) {
                $this->text = mb_substr($this->text.$this->xml->value, 0, self::LETTERS);
            } elseif ($this->xml->nodeType === XMLReader::END_ELEMENT) {
                $this->closes($this->xml->localName, $this->xml->namespaceURI === Gpx::OWN);
            }
        }
        if (! $root && libxml_get_last_error() === false) {
            throw self::refused('That is no GPX file; it has nothing in it that could be read.');
        }
    }

    private function demandRoot(): void
    {
        $is = [$this->xml->localName, $this->xml->namespaceURI, $this->xml->getAttribute('version')];
        if ($is !== ['gpx', Gpx::NAMESPACE, '1.1']) {
            throw self::refused('That is no GPX 1.1 file. Export it as GPX 1.1.');
        }
    }

    private function opens(string $name): void
    {
        $this->text = '';
        if (++$this->elements > self::ELEMENTS) {
            throw self::refused('That GPX file has elements without end; it is not read.');
        }
        if ($this->xml->namespaceURI !== Gpx::NAMESPACE) {
            return;
        }
        if ($name === 'rte' || $name === 'trk') {
            $this->line = new Track;
        } elseif (in_array($name, self::POINTS, true)) {
            $this->at = $this->place();
            $this->texts = [];
            if (++$this->points > PlacesFile::POINTS) {
                throw self::refused(Words::of(
                    'That file has more than {points} points. Split it.', points: number_format(PlacesFile::POINTS),
                ));
            }
            if ($this->done !== null && $this->points % self::TELL_EVERY === 0) {
                ($this->done)(min(1.0, $this->points / $this->expected));
            }
        }
    }

    /** @return array{float, float} */
    private function place(): array
    {
        $latitude = $this->number((string) $this->xml->getAttribute('lat'));
        $longitude = $this->number((string) $this->xml->getAttribute('lon'));
        if ($latitude === null || $longitude === null || abs($latitude) > 90.0 || abs($longitude) > 180.0) {
            $node = $this->points + 1;
            throw self::refused(Words::of('Point {node} of that file has an impossible latitude or longitude.', node: $node));
        }

        return [$latitude, $longitude];
    }

    private function closes(string $name, bool $own): void
    {
        $text = trim($this->text);
        $this->text = '';
        if (in_array($name, self::POINTS, true) && ! $own && $this->at !== null) {
            $this->point($name, $this->at);
            $this->at = null;
        } elseif ($this->at !== null) {
            $this->texts[$own ? "eskith:{$name}" : $name] = $text;
        } elseif ($this->line !== null && $own) {
            $this->line->more[$name] = $text;
        } elseif ($this->line !== null) {
            match ($name) {
                'name' => $this->line->name = $text,
                'desc' => $this->line->description = $text,
                'type' => $this->line->kind = $text,
                'rte' => $this->file->routes[] = $this->line,
                'trk' => $this->file->tracks[] = $this->line,
                default => null,
            };
            $this->line = $name === 'rte' || $name === 'trk' ? null : $this->line;
        }
    }

    /** @param  array{float, float}  $at */
    private function point(string $element, array $at): void
    {
        $depth = $this->depth();
        $time = $this->texts['time'] ?? '';
        if ($element !== 'wpt' && $this->line !== null) {
            $this->line->add($at[0], $at[1], $depth ?? NAN, (float) (FileTime::seconds($time) ?? NAN));

            return;
        }
        $more = [];
        foreach ($this->texts as $name => $value) {
            if (str_starts_with($name, 'eskith:') && ! in_array($name, ['eskith:depth', 'eskith:note'], true)) {
                $more[substr($name, 7)] = $value;
            }
        }
        $this->file->waypoints[] = new Waypoint(
            latitude: $at[0], longitude: $at[1], name: $this->texts['name'] ?? '',
            description: $this->texts['eskith:note'] ?? self::withoutDepth($this->texts['desc'] ?? '', $depth),
            kind: $this->texts['type'] ?? '', time: $time === '' ? null : $time, depthM: $depth, more: $more,
        );
    }

    /** As we write it, as others do in an element called depth, or as an elevation below nothing. */
    private function depth(): ?float
    {
        foreach (['eskith:depth', 'depth'] as $name) {
            $depth = $this->number($this->texts[$name] ?? '');
            if ($depth !== null) {
                return $depth;
            }
        }
        $height = $this->number($this->texts['ele'] ?? '');

        return $height !== null && $height < 0.0 ? -$height : null;
    }

    private static function withoutDepth(string $description, ?float $depth): string
    {
        return $depth === null ? $description : (string) preg_replace('/(?:; )?depth -?[\d.]+ m$/D', '', $description);
    }

    private function number(string $text): ?float
    {
        $text = trim($text);

        return preg_match('/^[+-]?\d{0,9}(?:\.\d{1,20})?(?:[eE][+-]?\d{1,2})?$/D', $text) === 1 && preg_match('/\d/', $text) === 1
            ? (float) $text : null;
    }

    private static function refused(string $words): InvalidInput
    {
        return InvalidInput::because('file', $words);
    }
}
