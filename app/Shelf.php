<?php

namespace App;

use Illuminate\Contracts\Cache\Repository;
use YokeLine\Doorway\Kit;
use YokeLine\Format\Document;
use YokeLine\Format\KitReader;
use YokeLine\Format\UnreadableFile;

/** The kits that can be chosen from. */
final class Shelf
{
    /** @var ?array<string, Kit> */
    private ?array $kits = null;

    public function __construct(private readonly string $file, private readonly ?Repository $cache = null) {}

    /**
     * @return array<string, Kit> by id
     *
     * @throws UnreadableFile
     */
    public function kits(): array
    {
        return $this->kits ??= $this->remembered((string) file_get_contents($this->file));
    }

    /**
     * Read once for each content: every page needs every kit, to offer it as a cure.
     *
     * @return array<string, Kit>
     */
    private function remembered(string $json): array
    {
        $read = fn () => KitReader::read(Document::fromJson($json));

        return $this->cache === null ? $read() : $this->cache->rememberForever('kits-'.hash('xxh128', $json), $read);
    }
}
