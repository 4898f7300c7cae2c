<?php

declare(strict_types=1);

namespace App\Bench;

use App\Keeping\Kept;
use App\Models\Doorway;
use App\Shelf;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/**
 * Cures are tried one by one on the whole doorway, which takes longer than everything else on the page: the page is
 * sent without them and asks for them at once. What was proved is kept.
 */
final readonly class ProvedCures
{
    /** @param  ?Unit  $shown  what they are told in; null in the doorway's own */
    public function __construct(private Doorway $doorway, private ?Unit $shown) {}

    /** @return array{Setout, bool} the setout, and whether its cures are proved */
    public function of(bool $now): array
    {
        $setout = $this->doorway->setout($this->shown);
        if (array_filter($setout->findings, fn (Finding $finding) => $finding->cures !== []) === []) {
            return [$setout, true];
        }
        if (! $now && ! $this->areKept()) {
            return [$setout->withCures(array_map(fn () => [], $setout->findings)), false];
        }
        $prove = fn (): array => array_map(
            fn (Finding $finding) => $finding->cures,
            $setout->withProvedCures(app(Shelf::class)->kits())->findings,
        );

        return [$setout->withCures(Kept::of('cures', $this->hangOn(), $prove)), true];
    }

    /** Whether they need not be proved any more, for whoever asks. */
    public function areKept(): bool
    {
        return Kept::has('cures', $this->hangOn());
    }

    /** @return list<scalar|null> */
    private function hangOn(): array
    {
        return [...$this->doorway->planHangsOn(), $this->shown?->value];
    }
}
