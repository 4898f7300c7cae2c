<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Doorway;
use App\Shelf;
use Illuminate\Support\Facades\Cache;
use YokeLine\Format\Document;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/**
 * Cures are tried one by one on the whole doorway, which takes longer than everything else on the page: the page is
 * sent without them and
 * asks for them at once. What was proved is kept for as long as document and shelf are the same.
 */
final readonly class ProvedCures
{
    private const KEPT_S = 86_400;

    public function __construct(private Shelf $shelf) {}

    /** @return array{Setout, bool} the setout, and whether its cures are proved */
    public function of(Setout $setout, bool $now): array
    {
        if (array_filter($setout->findings, fn (Finding $finding) => $finding->cures !== []) === []) {
            return [$setout, true];
        }
        $key = self::key($setout->document, $this->shelf, $setout->write->unit);
        /** @var ?list<list<Cure>> $kept */
        $kept = Cache::get($key);
        if ($kept !== null) {
            return [$setout->withCures($kept), true];
        }
        if (! $now) {
            return [$setout->withCures(array_map(fn () => [], $setout->findings)), false];
        }
        $proved = $setout->withProvedCures($this->shelf->kits());
        Cache::put($key, array_map(fn (Finding $finding) => $finding->cures, $proved->findings), self::KEPT_S);

        return [$proved, true];
    }

    /** Whether they need not be proved any more, for whoever asks. */
    public static function areKept(Doorway $doorway): bool
    {
        return Cache::has(self::key($doorway->revision->document, app(Shelf::class), $doorway->unitsShown()[0]));
    }

    private static function key(Document $document, Shelf $shelf, Unit $unit): string
    {
        return 'cures '.sha1($document->toJson().$shelf->stamp().$unit->value);
    }
}
