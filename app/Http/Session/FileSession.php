<?php

declare(strict_types=1);

namespace App\Http\Session;

use Illuminate\Session\FileSessionHandler;

/** Of one person on this machine: a file each. */
final class FileSession extends FileSessionHandler
{
    use WrittenWhenChanged;

    private function writtenAt(string $id): int
    {
        return $this->files->isFile($file = "{$this->path}/{$id}") ? $this->files->lastModified($file) : 0;
    }
}
