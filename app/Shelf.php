<?php

namespace App;

use YokeLine\Doorway\Kit;
use YokeLine\Format\Document;
use YokeLine\Format\KitReader;
use YokeLine\Format\UnreadableFile;

/** The kits that can be chosen from. */
final class Shelf
{
    /** @var ?array<string, Kit> */
    private ?array $kits = null;

    public function __construct(private readonly string $file) {}

    /**
     * @return array<string, Kit> by id
     *
     * @throws UnreadableFile
     */
    public function kits(): array
    {
        return $this->kits ??= KitReader::read(Document::fromJson((string) file_get_contents($this->file)));
    }
}
