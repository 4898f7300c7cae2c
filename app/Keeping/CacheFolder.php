<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Cache\FileStore;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Finder\SplFileInfo;

/** Where what was worked out is kept: it takes no more than so much of the disk, the oldest goes first. */
final readonly class CacheFolder
{
    private const MOST_BYTES = 96 * 1024 * 1024;

    /** Down to so much, so that it need not be done again at once. */
    private const LEFT = 0.75;

    public function __construct(private string $folder, private int $most = self::MOST_BYTES) {}

    /** Null where nothing is kept on a disk. */
    public static function here(): ?self
    {
        $store = Cache::getStore();

        return $store instanceof FileStore ? new self($store->getDirectory()) : null;
    }

    public function thin(): void
    {
        if (! is_dir($this->folder)) {
            return;
        }
        $files = iterator_to_array(Finder::create()->files()->in($this->folder), false);
        $bytes = array_sum(array_map(self::size(...), $files));
        if ($bytes <= $this->most) {
            return;
        }
        usort($files, fn (SplFileInfo $a, SplFileInfo $b) => (int) @$a->getMTime() <=> (int) @$b->getMTime());
        foreach ($files as $file) {
            if ($bytes <= self::LEFT * $this->most) {
                break;
            }
            $bytes -= self::size($file);
            @unlink($file->getPathname());
        }
    }

    /** Another process may have taken it away meanwhile. */
    private static function size(SplFileInfo $file): int
    {
        return (int) @filesize($file->getPathname());
    }
}
