<?php

declare(strict_types=1);

namespace App\Models;

use App\Plain;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use YokeLine\Format\Document;
use YokeLine\Format\ItemIds;

/** @implements CastsAttributes<Document, Document> */
final class DocumentCast implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Document
    {
        $document = Document::fromJson(Plain::text($value), Document::DEEPEST_WITHIN);

        // What was kept before items had ids has the same ones every time it is read.
        return $document->get('format') === 'yoke-line/doorway' ? ItemIds::given($document) : $document;
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        assert($value instanceof Document);

        return $value->toJson();
    }
}
