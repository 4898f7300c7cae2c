<?php

declare(strict_types=1);

namespace App\Files;

use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\SchemaCheck;
use YokeLine\Format\UnreadableFile;

/** Brings in a doorway file: held against the published schema, then read. */
final class DoorwayFile
{
    /** @throws UnreadableFile */
    public static function read(string $json): Document
    {
        $document = Document::fromJson($json);
        (new SchemaCheck((string) file_get_contents(public_path('schema/doorway-v1.schema.json'))))->check($document);
        DoorwayReader::read($document);

        return $document;
    }
}
