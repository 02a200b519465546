<?php

declare(strict_types=1);

namespace Tests\Support;

use Eskith\Core\Formats\Jpeg;

/** Made-up photos, and what a camera or an enemy writes beside them. */
final class Photo
{
    /** Where and with what it was taken, as a camera writes it, and what a browser might run. */
    public const NOTES = ['Exif', 'GPSLatitude 45 14 04', 'Made-up camera', '<script>alert(1)</script>'];

    /** A JPEG of a shore by a lake, each of its own shade. */
    public static function of(int $width = 64, int $height = 48, int $shade = 0): string
    {
        $image = imagecreatetruecolor($width, $height) ?: throw new \RuntimeException('No picture can be drawn.');
        imagefilledrectangle($image, 0, 0, $width, $height, (int) imagecolorallocate($image, 180, 200, $shade % 256));
        imagefilledrectangle($image, 0, intdiv($height, 2), $width, $height, (int) imagecolorallocate($image, 22, 59, $shade % 256));
        ob_start();
        imagejpeg($image, null, 70);

        return (string) ob_get_clean();
    }

    /** The same with all of these notes in it, and after its end. */
    public static function withNotes(string $jpeg): string
    {
        [$exif, $place, $camera, $script] = self::NOTES;

        return substr($jpeg, 0, 2).self::segment(0xE1, "{$exif}\0\0{$place}").self::segment(0xED, $camera)
            .self::segment(0xFE, $script).substr($jpeg, 2).$script;
    }

    /** One of exactly so many bytes, as it is kept. */
    public static function filling(int $bytes): string
    {
        $jpeg = Jpeg::read(self::of())->bytes;

        return substr($jpeg, 0, -2).str_repeat('a', $bytes - strlen($jpeg)).substr($jpeg, -2);
    }

    /** With its frame saying another size. */
    public static function saying(string $jpeg, int $width, int $height): string
    {
        $at = (int) strpos($jpeg, "\xFF\xC0");

        return substr($jpeg, 0, $at + 5).pack('nn', $height, $width).substr($jpeg, $at + 9);
    }

    private static function segment(int $marker, string $text): string
    {
        return "\xFF".chr($marker).pack('n', strlen($text) + 2).$text;
    }
}
