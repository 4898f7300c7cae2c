<?php

declare(strict_types=1);

namespace App\Site;

use App\Models\Doorway;
use Illuminate\Support\Facades\File;

/** A photograph that comes in pieces, so that a weak connection loses one piece and not the picture. */
final readonly class Pieces
{
    public const MOST_BYTES = 12_000_000;

    private const KEPT_S = 14 * 86_400;

    private string $file;

    public function __construct(Doorway $doorway, string $uid)
    {
        $this->file =
            rtrim(config()->string('app.photos'), '/')."/pieces/{$doorway->id}-".preg_replace('/[^\w-]/', '', $uid);
    }

    /** So many bytes are here. */
    public function have(): int
    {
        clearstatcache(true, $this->file);

        return is_file($this->file) ? (int) filesize($this->file) : 0;
    }

    /**
     * @param  int  $from  where in the whole the piece belongs; one that does not go on from what is here is not taken
     * @param  int  $of  bytes of the whole
     * @return ?string the whole, where this was the last piece
     *
     * @throws NotTaken
     */
    public function take(string $piece, int $from, int $of): ?string
    {
        ($of > 0 && $of <= self::MOST_BYTES) || throw NotTaken::because('photo-large');
        if ($from === 0) {
            $this->begin();
        }
        if ($from === $this->have() && $from + strlen($piece) <= $of) {
            File::append($this->file, $piece);
        }

        return $this->have() === $of ? File::get($this->file) : null;
    }

    public function forget(): void
    {
        File::delete($this->file);
    }

    private function begin(): void
    {
        File::ensureDirectoryExists(dirname($this->file));
        // What was begun and never finished does not stay for ever.
        foreach (File::files(dirname($this->file)) as $left) {
            if ($left->getMTime() < time() - self::KEPT_S) {
                File::delete($left->getPathname());
            }
        }
        File::put($this->file, '');
    }
}
