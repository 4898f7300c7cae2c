<?php

declare(strict_types=1);

namespace App\Site;

use App\Models\Doorway;
use App\Models\LogEntry;
use App\Record\Log;
use GdImage;
use Illuminate\Support\Facades\File;

/**
 * A photograph from a phone: made small, written anew so that nothing of where and with what it was taken stays in it.
 */
final class Photo
{
    private const MOST_SIDE = 1600;

    /** A picture of more would take all the memory there is, however small its file. */
    private const MOST_PIXELS = 24_000_000;

    private const QUALITY = 82;

    /**
     * @return array{file: string, width: int, height: int}
     *
     * @throws NotTaken
     */
    public static function write(Doorway $doorway, string $uid, string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        $size !== false || throw NotTaken::because('photo-kind');
        $size[0] * $size[1] <= self::MOST_PIXELS ||
            throw NotTaken::because('photo-points');
        $picture = @imagecreatefromstring($bytes) ?: throw NotTaken::because('photo-unreadable');
        $shrink = min(1.0, self::MOST_SIDE / max(imagesx($picture), imagesy($picture)));
        $small =
            imagescale($picture, (int) round(imagesx($picture) * $shrink), (int) round(imagesy($picture) * $shrink)) ?:
            $picture;
        $file = preg_replace('/[^\w-]/', '', $uid).'.jpg';
        File::ensureDirectoryExists(self::folder($doorway));
        self::lay($small, self::folder($doorway)."/{$file}");

        return ['file' => $file, 'width' => imagesx($small), 'height' => imagesy($small)];
    }

    /** On the disk before it is answered as kept, and never there in part. */
    private static function lay(GdImage $picture, string $path): void
    {
        $half = "{$path}.half";
        imagejpeg($picture, $half, self::QUALITY) || throw NotTaken::because('photo-unreadable');
        $written = fopen($half, 'r+');
        if ($written !== false) {
            fsync($written);
            fclose($written);
        }
        rename($half, $path);
    }

    /**
     * One that has come whole, with its entry in the log.
     *
     * @param  string  $about  the step or the place in the survey that it shows
     *
     * @throws NotTaken
     */
    public static function keep(
        Doorway $doorway,
        string $uid,
        string $about,
        string $says,
        string $who,
        mixed $at,
        string $bytes,
    ): LogEntry {
        $about = mb_substr($about, 0, 80);

        return (new Log($doorway))->add(
            'photo',
            $about,
            [
                ...self::write($doorway, $uid, $bytes),
                'says' => trim(mb_substr($says, 0, 500)),
                'step' => $about,
            ],
            $who,
            $uid,
            Log::moment($at),
        );
    }

    /** All of a doorway that is no more. */
    public static function forget(int $doorway): void
    {
        File::deleteDirectory(rtrim(config()->string('app.photos'), '/')."/{$doorway}");
    }

    public static function path(Doorway $doorway, string $file): string
    {
        return self::folder($doorway).'/'.basename($file);
    }

    private static function folder(Doorway $doorway): string
    {
        return rtrim(config()->string('app.photos'), '/')."/{$doorway->id}";
    }
}
