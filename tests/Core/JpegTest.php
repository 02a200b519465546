<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Formats\Jpeg;
use Eskith\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Photo;

/** A picture is kept as what is drawn of it, and as nothing else. */
final class JpegTest extends TestCase
{
    public function test_what_a_camera_wrote_beside_the_picture_is_gone_and_the_picture_is_the_same(): void
    {
        $plain = Photo::of(64, 48, 90);
        $kept = Jpeg::read(Photo::withNotes($plain));

        self::assertSame([64, 48], [$kept->width, $kept->height]);
        foreach ([...Photo::NOTES, 'gd-jpeg', 'JFIF'] as $note) {
            self::assertStringNotContainsString($note, $kept->bytes);
        }
        self::assertSame(self::dots($plain), self::dots($kept->bytes));
        self::assertSame(Jpeg::read($plain)->bytes, $kept->bytes);
        self::assertSame($kept->bytes, Jpeg::read($kept->bytes)->bytes, 'read again it is the same');
    }

    public function test_one_that_comes_in_several_scans_keeps_them_all(): void
    {
        $image = imagecreatefromstring(Photo::of(64, 48, 40));
        self::assertNotFalse($image);
        imageinterlace($image, true);
        ob_start();
        imagejpeg($image, null, 70);
        $progressive = (string) ob_get_clean();

        self::assertGreaterThan(1, substr_count($progressive, "\xFF\xDA"));
        self::assertSame(self::dots($progressive), self::dots(Jpeg::read($progressive)->bytes));
    }

    /** @return iterable<string, array{string}> */
    public static function none(): iterable
    {
        $jpeg = Photo::of();
        yield 'nothing' => [''];
        yield 'a page' => ['<html><script>alert(1)</script></html>'];
        yield 'a drawing' => ['<svg xmlns="http://www.w3.org/2000/svg"/>'];
        yield 'another kind of picture' => [base64_decode('R0lGODlhAQABAIAAAAAAAP///yH5BAEAAAAALAAAAAABAAEAAAIBRAA7', true) ?: ''];
        yield 'a page that begins as a picture does' => ["\xFF\xD8<html>"];
        yield 'half of one' => [substr($jpeg, 0, (int) (strlen($jpeg) / 2))];
        yield 'without its end' => [substr($jpeg, 0, -2)];
        yield 'nothing drawn' => ["\xFF\xD8\xFF\xD9"];
        yield 'drawn before its size is said' => ["\xFF\xD8\xFF\xDA\x00\x02ab\xFF\xD9"];
        yield 'of no height' => [Photo::saying($jpeg, 64, 0)];
        yield 'a segment longer than the file' => ["\xFF\xD8\xFF\xE1\xFF\xFFab"];
        yield 'a segment shorter than its length' => ["\xFF\xD8\xFF\xE1\x00\x01ab\xFF\xD9"];
        yield 'a frame that no browser draws' => [str_replace("\xFF\xC0", "\xFF\xC9", $jpeg)];
        yield 'two sizes' => [substr($jpeg, 0, (int) strpos($jpeg, "\xFF\xDA"))
            .substr($jpeg, (int) strpos($jpeg, "\xFF\xC0"))];
    }

    #[DataProvider('none')]
    public function test_what_is_no_picture_is_refused_in_a_sentence(string $file): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('That is no picture that can be kept here. Choose a photo.');
        Jpeg::read($file);
    }

    public function test_one_that_is_too_large_is_refused_as_that(): void
    {
        self::assertSame(1600, Jpeg::read(Photo::saying(Photo::of(), 1600, 900))->width);
        foreach ([[1601, 900], [900, 1601]] as [$width, $height]) {
            self::assertSame('A picture is up to 1600 pixels along its longer edge. Make it smaller.', self::why(
                Photo::saying(Photo::of(), $width, $height),
            ));
        }
        $full = Photo::filling(Jpeg::BYTES);
        self::assertSame(Jpeg::BYTES, strlen($full));
        Jpeg::read($full);
        self::assertSame('A picture is up to 350 kB. Make it smaller.', self::why("{$full}a"));
    }

    private static function why(string $file): string
    {
        try {
            Jpeg::read($file);
        } catch (InvalidInput $bad) {
            return $bad->getMessage();
        }

        return 'It was taken.';
    }

    /** @return list<int> the colours of some dots */
    private static function dots(string $jpeg): array
    {
        $image = imagecreatefromstring($jpeg);
        self::assertNotFalse($image);
        $dots = [];
        foreach ([[3, 3], [30, 20], [60, 26], [12, 40]] as [$x, $y]) {
            $dots[] = (int) imagecolorat($image, $x, $y);
        }

        return $dots;
    }
}
