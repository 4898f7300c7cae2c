<?php

declare(strict_types=1);

namespace Tests;

use App\Editing\Change;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Job;
use App\Words\StoredMessage;
use Tests\Core\Support\Doorways;

/** A doorway of a kind in the house, that nobody has worked at. */
final class Begun
{
    /** @param  array<string, mixed>  $changes  laid on once it has its kit */
    public static function doorway(string $kind, array $changes = []): Doorway
    {
        [$name, $around] = Doorways::ofEveryKind()[$kind];
        $ana = Editor::named('Ana');
        $doorway = Doorway::begin(
            Job::create(['name' => 'Kiln yard']),
            Doorways::document($name, $around),
            StoredMessage::change('created'),
            $ana,
        );
        (new Change($changes, StoredMessage::change('created'), $ana))->applyTo($doorway, (int) $doorway->revision_id);

        return $doorway;
    }
}
