<?php

declare(strict_types=1);

namespace App\Files;

use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\SchemaCheck;
use YokeLine\Format\UnreadableFile;

/** A doorway file: held against the published schema, then read. */
final class DoorwayFile
{
    /** @throws UnreadableFile */
    public static function read(string $json): Document
    {
        $document = Document::fromJson($json);
        self::check($document);
        DoorwayReader::read($document);

        return $document;
    }

    /**
     * Whether a document could be brought in as a file: asked of every one before it is kept, so that what is given out is taken back.
     *
     * @throws UnreadableFile
     */
    public static function check(Document $document): void
    {
        static $schema = null;
        $schema ??= new SchemaCheck((string) file_get_contents(public_path('schema/doorway-v1.schema.json')));
        Document::fromJson($document->toJson());
        $schema->check($document);
    }
}
