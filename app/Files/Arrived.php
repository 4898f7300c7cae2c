<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Support\Carbon;
use stdClass;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;

/** What a file says, as far as it can be taken: lists of rows, moments, words that are not too long. */
final class Arrived
{
    /** @return list<stdClass> */
    public static function rows(Document $file, string $key): array
    {
        $rows = $file->get($key);
        if (! is_array($rows) || array_filter($rows, fn (mixed $row) => ! ($row instanceof stdClass)) !== []) {
            throw UnreadableFile::at($key, 'no-list');
        }

        /** @var list<stdClass> */
        return array_values($rows);
    }

    public static function moment(mixed $written): ?Carbon
    {
        return is_string($written) && strtotime($written) !== false ? Carbon::parse($written) : null;
    }

    public static function words(mixed $written): string
    {
        return is_string($written) ? mb_substr($written, 0, 250) : '';
    }
}
