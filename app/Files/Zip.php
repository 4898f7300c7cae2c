<?php

declare(strict_types=1);

namespace App\Files;

use Generator;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use ZipArchive;

/** A ZIP from elsewhere: looked over before anything of it is opened, and never opened further than it may be large. */
final readonly class Zip
{
    /** What a page says may be sent, MB. */
    public const MOST_MB = 64;

    private const MOST_ENTRIES = 6000;

    /** Unpacked, all together. */
    private const MOST_BYTES = 400_000_000;

    /** A name of letters in folders: no NUL, nothing absolute, no way up. */
    private const NAME = '#^(?!/)(?:(?!\.{1,2}/)[\pL\pN ._()-]{1,120}/){0,3}(?!\.{1,2}$)[\pL\pN ._()-]{1,120}$#uD';

    private function __construct(private ZipArchive $zip) {}

    /** @throws UnreadableFile */
    public static function open(string $path): self
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw UnreadableFile::at('', 'zip-not');
        }
        if ($zip->numFiles > self::MOST_ENTRIES) {
            throw UnreadableFile::at('', 'zip-many');
        }
        $size = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $entry = $zip->statIndex($i);
            if ($entry === false || preg_match(self::NAME, rtrim($entry['name'], '/')) !== 1) {
                throw UnreadableFile::at('', 'zip-name');
            }
            $size += $entry['size'];
        }
        if ($size > self::MOST_BYTES) {
            throw UnreadableFile::at('', 'zip-large');
        }

        return new self($zip);
    }

    public function has(string $name): bool
    {
        return preg_match(self::NAME, $name) === 1 && $this->zip->locateName($name) !== false;
    }

    /**
     * @param  int  $most  bytes
     *
     * @throws UnreadableFile
     */
    public function text(string $name, int $most): string
    {
        $text = $this->has($name) ? $this->zip->getFromName($name, $most + 1) : false;
        if ($text === false) {
            throw UnreadableFile::at($name, 'zip-missing');
        }

        return strlen($text) <= $most
            ? $text
            : throw UnreadableFile::at($name, 'zip-file-large');
    }

    /**
     * Puts a file of it beside, without holding all of it.
     *
     * @param  int  $most  bytes
     *
     * @throws UnreadableFile
     */
    public function copy(string $name, string $to, int $most): void
    {
        $file = $this->has($name) ? $this->zip->getStream($name) : false;
        $target = fopen($to, 'w');
        if ($file === false || $target === false) {
            throw UnreadableFile::at($name, 'zip-missing');
        }
        $size = (int) stream_copy_to_stream($file, $target, $most + 1);
        fclose($file);
        fclose($target);
        $size <= $most || throw UnreadableFile::at($name, 'zip-file-large');
    }

    /**
     * The lines of a file one by one: however long it is, only one is held at a time.
     *
     * @param  int  $most  bytes of a line
     * @return Generator<int, Document> by the number of the line, from 1
     *
     * @throws UnreadableFile
     */
    public function lines(string $name, int $most): Generator
    {
        $file = $this->has($name) ? $this->zip->getStream($name) : false;
        if ($file === false) {
            throw UnreadableFile::at($name, 'zip-missing');
        }
        try {
            for ($n = 1; ($line = fgets($file, max(2, $most + 2))) !== false; $n++) {
                if (strlen($line) > $most) {
                    throw UnreadableFile::at("{$name} line {$n}", 'zip-line');
                }
                if (trim($line) !== '') {
                    yield $n => self::document($line, "{$name} line {$n}");
                }
            }
        } finally {
            fclose($file);
        }
    }

    /** @throws UnreadableFile with the file's name at the place */
    public static function document(string $json, string $name): Document
    {
        try {
            return Document::fromJson($json, Document::DEEPEST_WITHIN);
        } catch (UnreadableFile $problem) {
            throw $problem->within($name);
        }
    }
}
