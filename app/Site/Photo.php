<?php

declare(strict_types=1);

namespace App\Site;

use App\Models\Doorway;
use Illuminate\Support\Facades\File;

/** A photograph from a phone: made small, written anew so that nothing of where and with what it was taken stays in it. */
final class Photo
{
    private const MOST_SIDE = 1600;

    private const MOST_BYTES = 12_000_000;

    private const QUALITY = 82;

    /**
     * @param  string  $image  as a data URL
     * @return array{file: string, width: int, height: int}
     *
     * @throws NotTaken
     */
    public static function keep(Doorway $doorway, string $uid, string $image): array
    {
        preg_match('#^data:image/(?:jpeg|png|webp);base64,(.+)$#s', $image, $found) === 1 || throw new NotTaken('This is not a photograph that can be read: a JPEG, a PNG or a WebP is.');
        $bytes = strlen($found[1]) > self::MOST_BYTES ? throw new NotTaken('This photograph is larger than 12 MB.') : (string) base64_decode($found[1], true);

        return self::write($doorway, $uid, $bytes);
    }

    /**
     * @return array{file: string, width: int, height: int}
     *
     * @throws NotTaken
     */
    public static function write(Doorway $doorway, string $uid, string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        $size !== false && $size[0] * $size[1] < 60_000_000 || throw new NotTaken('This photograph cannot be read.');
        $picture = @imagecreatefromstring($bytes) ?: throw new NotTaken('This photograph cannot be read.');
        $shrink = min(1.0, self::MOST_SIDE / max(imagesx($picture), imagesy($picture)));
        $small = imagescale($picture, (int) round(imagesx($picture) * $shrink), (int) round(imagesy($picture) * $shrink)) ?: $picture;
        $file = preg_replace('/[^\w-]/', '', $uid).'.jpg';
        File::ensureDirectoryExists(self::folder($doorway));
        imagejpeg($small, self::folder($doorway)."/{$file}", self::QUALITY);

        return ['file' => $file, 'width' => imagesx($small), 'height' => imagesy($small)];
    }

    /**
     * As it was given out; one that still tells where it was taken is written anew.
     *
     * @throws NotTaken
     */
    public static function restore(Doorway $doorway, string $file, string $bytes): void
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size['mime'] !== 'image/jpeg' || str_contains(substr($bytes, 0, 4096), "Exif\0")) {
            self::write($doorway, pathinfo($file, PATHINFO_FILENAME), $bytes);

            return;
        }
        File::ensureDirectoryExists(self::folder($doorway));
        File::put(self::path($doorway, $file), $bytes);
    }

    public static function path(Doorway $doorway, string $file): string
    {
        return self::folder($doorway).'/'.basename($file);
    }

    private static function folder(Doorway $doorway): string
    {
        return rtrim((string) config('app.photos'), '/')."/{$doorway->id}";
    }
}
