<?php

declare(strict_types=1);

namespace App\Files;

use stdClass;
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
     * Whether a document could be brought in as a file: asked of every one before it is kept, so that what is given out
     * is taken back.
     *
     * @param  ?Document  $before  one that was asked already: only what differs from it is held against the schema
     *
     * @throws UnreadableFile
     */
    public static function check(Document $document, ?Document $before = null): void
    {
        Document::fromJson($document->toJson());
        $changed = $before === null ? $document->root : self::changed($document->root, $before->root);
        /** @var array<string, mixed> $fields */
        $fields = get_object_vars($changed);
        app(SchemaCheck::class)->check(
            Document::of([
                'format' => $document->get('format'),
                'version' => $document->get('version'),
                ...$fields,
            ]),
        );
    }

    /** What is not the same as before, object by object; lists whole. */
    private static function changed(stdClass $now, stdClass $before): stdClass
    {
        $changed = new stdClass();
        foreach (get_object_vars($now) as $key => $value) {
            $was = $before->{$key} ?? null;
            if ($value instanceof stdClass && $was instanceof stdClass) {
                $value === $was ?: ($changed->{$key} = self::changed($value, $was));
            } elseif (json_encode($value) !== json_encode($was)) {
                $changed->{$key} = $value;
            }
        }

        return $changed;
    }
}
